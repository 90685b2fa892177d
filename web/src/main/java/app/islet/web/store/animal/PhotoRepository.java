package app.islet.web.store.animal;

import app.islet.web.base.log.LogRepository;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends LogRepository<Photo> {
  /** Those that were not taken back, the oldest first. */
  @Query(
      """
      select p from Photo p where p.animalId = :animalId and p.voids is null
      and not exists (select 1 from Photo v where v.voids = p.id) order by p.day, p.id""")
  List<Photo> valid(Long animalId);
}
