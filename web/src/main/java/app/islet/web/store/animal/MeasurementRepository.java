package app.islet.web.store.animal;

import app.islet.web.base.log.LogRepository;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface MeasurementRepository extends LogRepository<Measurement> {
  /** Entries that count: neither void nor voiding, the oldest first. */
  @Query(
      """
      select m from Measurement m where m.animalId in :animalIds and m.voids is null
      and not exists (select 1 from Measurement v where v.voids = m.id) order by m.day, m.id""")
  List<Measurement> valid(Collection<Long> animalIds);
}
