package app.islet.web.store.tasks;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DaysOffRepository extends JpaRepository<DaysOff, Long> {
  List<DaysOff> findByCollectionIdAndLastDayGreaterThanEqualOrderByFirstDay(
      long collectionId, LocalDate from);

  Optional<DaysOff> findByClientId(UUID clientId);

  Optional<DaysOff> findByIdAndCollectionId(long id, long collectionId);
}
