package app.islet.web.store.water;

import app.islet.web.base.log.LogRepository;
import java.util.Optional;

interface WaterEventRepository extends LogRepository<WaterEventEntry> {
  Optional<WaterEventEntry> findByIdAndEnclosureId(long id, long enclosureId);
}
