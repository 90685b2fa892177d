package app.islet.web.waterlog;

import app.islet.web.log.LogRepository;
import java.util.Optional;

interface WaterTestRepository extends LogRepository<WaterTestEntry> {
  Optional<WaterTestEntry> findByIdAndEnclosureId(long id, long enclosureId);
}
