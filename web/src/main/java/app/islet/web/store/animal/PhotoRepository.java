package app.islet.web.store.animal;

import app.islet.web.base.log.LogRepository;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends LogRepository<Photo> {
  /** Those that were not taken back, the oldest first. */
  @Query("select e from Photo e where e.animalId = :animalId and" + VALID + "order by e.day, e.id")
  List<Photo> valid(Long animalId);
}
