package app.islet.web.store.water;

import app.islet.web.base.log.LogRepository;
import java.util.Optional;

interface WaterTestRepository extends LogRepository<WaterTestEntry> {
  Optional<WaterTestEntry> findByIdAndEnclosureId(long id, long enclosureId);
}
