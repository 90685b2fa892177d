package app.islet.web.store.tasks;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WrittenDayRepository extends JpaRepository<WrittenDay, WrittenDay.Key> {
  @Query("select d from WrittenDay d where d.key.day = :day and d.key.enclosureId in :enclosureIds")
  List<WrittenDay> of(Collection<Long> enclosureIds, LocalDate day);
}
