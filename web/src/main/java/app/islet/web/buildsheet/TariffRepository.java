package app.islet.web.buildsheet;

import org.springframework.data.jpa.repository.JpaRepository;

import java.util.Optional;

interface TariffRepository extends JpaRepository<Tariff, Long> {
    Optional<Tariff> findFirstByCollectionIdOrderByIdDesc(long collectionId);
}
