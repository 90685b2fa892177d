package app.islet.web.store.animal;

import app.islet.web.base.log.LogRepository;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface MenuRepository extends LogRepository<MenuEntry> {
  /** The last word on each stage of each animal, in the order they were entered. */
  @Query(
      """
      select m from MenuEntry m where m.animalId in :animalIds and m.id in
      (select max(n.id) from MenuEntry n where n.animalId in :animalIds group by n.animalId, n.stage)
      order by m.id""")
  List<MenuEntry> newest(Collection<Long> animalIds);
}
