package app.islet.web.store.health;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface HealthCaseRepository extends JpaRepository<HealthCase, Long> {
  List<HealthCase> findByCollectionIdOrderByIdDesc(long collectionId);

  Optional<HealthCase> findByIdAndCollectionId(long id, long collectionId);

  Optional<HealthCase> findByClientId(UUID clientId);
}
