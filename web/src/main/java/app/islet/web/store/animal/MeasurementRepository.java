package app.islet.web.store.animal;

import app.islet.web.base.log.LogRepository;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface MeasurementRepository extends LogRepository<Measurement> {
  /** Entries that count: neither void nor voiding, the oldest first. */
  @Query(
      "select e from Measurement e where e.animalId in :animalIds and"
          + VALID
          + "order by e.day, e.id")
  List<Measurement> valid(Collection<Long> animalIds);
}
