package app.islet.web.store.health;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface HealthCourseRepository extends JpaRepository<HealthCourse, Long> {
  List<HealthCourse> findByCollectionIdOrderById(long collectionId);

  /** Those that go on. */
  List<HealthCourse> findByAnimalIdInAndEndedOnIsNullOrderById(Collection<Long> animals);

  Optional<HealthCourse> findByClientId(UUID clientId);

  /** Locks it until the transaction ends. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select c from HealthCourse c where c.id = :id and c.collectionId = :collectionId")
  Optional<HealthCourse> lock(long id, long collectionId);
}
