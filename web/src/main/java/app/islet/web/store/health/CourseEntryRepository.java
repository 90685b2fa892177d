package app.islet.web.store.health;

import app.islet.web.base.log.LogRepository;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.Query;

interface CourseEntryRepository extends LogRepository<CourseEntry> {
  /** What counts, in the order of days. */
  @Query(
      "select e from CourseEntry e where e.courseId in :courses and"
          + VALID
          + "order by e.day, e.id")
  List<CourseEntry> valid(Collection<Long> courses);

  /** Days on which courses were ticked on the rounds, by the keys of their tasks. */
  @Query(
      """
      select e.taskKey as key, e.day as day from TaskEntry e where e.taskKey in :keys and e.voids is null
      and e.kind = app.islet.web.store.tasks.TaskEntry.Kind.DONE
      and not exists (select 1 from TaskEntry v where v.voids = e.id)""")
  List<OnRounds> onRounds(Collection<String> keys);

  /** A course ticked on the rounds. */
  interface OnRounds {
    String getKey();

    LocalDate getDay();
  }

  @Query(
      "select e from CourseEntry e where e.courseId = :course and e.day = :day and"
          + VALID
          + "order by e.id")
  List<CourseEntry> on(long course, LocalDate day);
}
