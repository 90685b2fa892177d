package app.islet.web.store.enclosure;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface AcceptedFindingRepository extends JpaRepository<AcceptedFinding, Long> {
  List<AcceptedFinding> findByEnclosureIdInOrderByIdDesc(Collection<Long> enclosureIds);
}
