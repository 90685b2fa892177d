package app.islet.core.health;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * One procedure compared over all animals that were in it.
 *
 * @param ended by its sign
 * @param stopped before
 * @param days of those that ended by its sign, the shortest first
 */
public record CourseResults(Course course, int running, int ended, int stopped, List<Long> days) {
  /** How a course of an animal ended. */
  public enum Ending {
    /** The sign it waits for was there. */
    SIGN,
    /** It was given up: worse, or the vet took over. */
    STOPPED
  }

  /**
   * One animal's course.
   *
   * @param last the day it ended; empty while it runs
   */
  public record Run(LocalDate began, Optional<LocalDate> last, Optional<Ending> ending) {}

  public static CourseResults of(Course course, Collection<Run> runs) {
    List<Run> over = runs.stream().filter(r -> r.last().isPresent()).toList();
    return new CourseResults(
        course,
        runs.size() - over.size(),
        count(over, Ending.SIGN),
        count(over, Ending.STOPPED),
        over.stream()
            .filter(r -> r.ending().filter(e -> e == Ending.SIGN).isPresent())
            .map(r -> ChronoUnit.DAYS.between(r.began(), r.last().orElseThrow()) + 1)
            .sorted()
            .toList());
  }

  private static int count(List<Run> runs, Ending how) {
    return (int) runs.stream().filter(r -> r.ending().filter(e -> e == how).isPresent()).count();
  }

  /** The middle of their days; of two in the middle the mean. */
  public Optional<Double> middleDays() {
    if (days.isEmpty()) {
      return Optional.empty();
    }
    int half = days.size() / 2;
    return Optional.of(
        days.size() % 2 == 1
            ? (double) days.get(half)
            : (days.get(half - 1) + days.get(half)) / 2.0);
  }
}
