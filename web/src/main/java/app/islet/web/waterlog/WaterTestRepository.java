package app.islet.web.waterlog;

import org.springframework.data.jpa.repository.JpaRepository;

import java.util.Optional;
import java.util.UUID;

interface WaterTestRepository extends JpaRepository<WaterTestEntry, Long> {
    Optional<WaterTestEntry> findByClientId(UUID clientId);

    Optional<WaterTestEntry> findByIdAndEnclosureId(long id, long enclosureId);

    boolean existsByStrikes(long id);
}
