package app.islet.web.store.build;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepTickRepository extends JpaRepository<StepTick, Long> {
  List<StepTick> findByEnclosureIdOrderById(long enclosureId);
}
