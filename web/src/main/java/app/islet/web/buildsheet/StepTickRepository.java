package app.islet.web.buildsheet;

import org.springframework.data.jpa.repository.JpaRepository;

import java.util.List;

interface StepTickRepository extends JpaRepository<StepTick, Long> {
    List<StepTick> findByEnclosureIdOrderById(long enclosureId);
}
