package app.islet.web.animal;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ResidentRepository extends JpaRepository<ResidentRecord, Long> {
  List<ResidentRecord> findByEnclosureIdInOrderById(Collection<Long> enclosureIds);

  Optional<ResidentRecord> findByIdAndEnclosureId(long id, long enclosureId);

  boolean existsByClientId(UUID clientId);
}
