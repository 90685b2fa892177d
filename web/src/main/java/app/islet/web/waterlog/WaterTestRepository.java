package app.islet.web.waterlog;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WaterTestRepository extends JpaRepository<WaterTestEntry, Long> {
  Optional<WaterTestEntry> findByClientId(UUID clientId);

  Optional<WaterTestEntry> findByIdAndEnclosureId(long id, long enclosureId);

  boolean existsByStrikes(long id);
}
