package app.islet.web.store.health;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HealthCaseRepository extends JpaRepository<HealthCase, Long> {
  List<HealthCase> findByCollectionIdOrderByIdDesc(long collectionId);

  /** Those that are open. */
  List<HealthCase> findByAnimalIdInAndEndedOnIsNullOrderById(Collection<Long> animals);

  Optional<HealthCase> findByIdAndCollectionId(long id, long collectionId);

  Optional<HealthCase> findByClientId(UUID clientId);
}
