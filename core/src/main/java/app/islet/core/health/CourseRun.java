package app.islet.core.health;

import app.islet.core.animal.HealthNote;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A course an animal is in.
 *
 * @param last the last day it was done
 * @param times on how many days
 */
public record CourseRun(
    Course course, Range usualDays, LocalDate began, Optional<LocalDate> last, int times) {
  /**
   * @param usualDays least and most it takes such an animal as a rule
   */
  public static CourseRun of(
      Course course, Range usualDays, LocalDate began, Collection<LocalDate> done) {
    return new CourseRun(
        course,
        usualDays,
        began,
        done.stream().max(Comparator.naturalOrder()),
        (int) done.stream().distinct().count());
  }

  /** Keys of what courses ask for begin so, then their number. */
  public static final String KEY = HealthNote.COURSE;

  /** As work on the list of the day. */
  public HealthNote note(long id, LocalDate today) {
    return new HealthNote(
        KEY + id,
        "%s, day %d of %.0f to %.0f"
            .formatted(course.name(), day(today), usualDays.min(), usualDays.max()),
        Stream.concat(course.steps().stream(), Stream.of("Stop: " + course.end().stop())).toList(),
        began,
        last,
        course.pace().everyDays(),
        course.spares(),
        false);
  }

  /** 1 on the first day. */
  public long day(LocalDate today) {
    return ChronoUnit.DAYS.between(began, today) + 1;
  }

  /** The day it is to be done next. */
  public LocalDate due() {
    return last.map(day -> day.plusDays(course.pace().everyDays())).orElse(began);
  }

  public boolean isDue(LocalDate today) {
    return !today.isBefore(due());
  }

  /** Whether it takes longer than such courses do: the vet should look. */
  public boolean isLong(LocalDate today) {
    return day(today) > usualDays.max();
  }
}
