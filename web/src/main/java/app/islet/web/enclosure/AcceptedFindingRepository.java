package app.islet.web.enclosure;

import org.springframework.data.jpa.repository.JpaRepository;

import java.util.Collection;
import java.util.List;

interface AcceptedFindingRepository extends JpaRepository<AcceptedFinding, Long> {
    List<AcceptedFinding> findByEnclosureIdInOrderByIdDesc(Collection<Long> enclosureIds);
}
