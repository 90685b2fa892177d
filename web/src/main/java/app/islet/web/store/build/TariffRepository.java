package app.islet.web.store.build;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface TariffRepository extends JpaRepository<Tariff, Long> {
  Optional<Tariff> findFirstByCollectionIdOrderByIdDesc(long collectionId);
}
