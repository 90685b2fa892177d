package app.islet.web.waterlog;

import app.islet.web.log.LogRepository;
import java.util.Optional;

interface WaterEventRepository extends LogRepository<WaterEventEntry> {
  Optional<WaterEventEntry> findByIdAndEnclosureId(long id, long enclosureId);
}
