package app.islet.web.waterlog;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WaterEventRepository extends JpaRepository<WaterEventEntry, Long> {
  Optional<WaterEventEntry> findByClientId(UUID clientId);

  Optional<WaterEventEntry> findByIdAndEnclosureId(long id, long enclosureId);

  boolean existsByStrikes(long id);
}
