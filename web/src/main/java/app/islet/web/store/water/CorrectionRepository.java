package app.islet.web.store.water;

import app.islet.core.water.Parameter;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CorrectionRepository extends JpaRepository<CorrectionRecord, Long> {
  List<CorrectionRecord> findByEnclosureIdInAndEndedOnIsNullOrderById(
      Collection<Long> enclosureIds);

  Optional<CorrectionRecord> findByEnclosureIdAndParameterAndEndedOnIsNull(
      long enclosureId, Parameter parameter);

  boolean existsByClientId(UUID clientId);
}
