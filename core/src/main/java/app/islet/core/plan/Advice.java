package app.islet.core.plan;

import app.islet.core.review.Acceptance;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What Islet knows beside the routine, as work on the list of some days: something to be done, or
 * something that is held off and stands there with its reason.
 *
 * @param task to do; of what is held off the line that says so
 * @param stops kinds of work that wait meanwhile; none where it is something to do
 * @param whose of whom it stops work, as their tasks are known by; empty for all
 * @param declined by whom answers for it, until a day and with a reason; of a hold alone
 * @param until the last day it holds as far as is known now: a reading or a tick makes it anew
 */
public record Advice(
    Task task,
    Set<TaskKind> stops,
    String whose,
    Urgency urgency,
    LocalDate from,
    LocalDate until,
    Optional<Acceptance> declined) {
  /** In this order contradictions are settled: what stands first wins. */
  public enum Urgency {
    LIFE,
    HEALTH,
    WATER,
    GROWTH
  }

  public Advice {
    stops = Set.copyOf(stops);
  }

  /** That nobody declined. */
  Advice(
      Task task,
      Set<TaskKind> stops,
      String whose,
      Urgency urgency,
      LocalDate from,
      LocalDate until) {
    this(task, stops, whose, urgency, from, until, Optional.empty());
  }

  /** The same, declined where the newest word of a keeper on it says so. */
  Advice declining(List<Acceptance> newestFirst) {
    Optional<Acceptance> word =
        newestFirst.stream().filter(a -> isHold() && a.rule().equals(task.key())).findFirst();
    return new Advice(task, stops, whose, urgency, from, until, word);
  }

  /** Whether it holds nothing off that day, as somebody answers for it. */
  public boolean isDeclinedOn(LocalDate day) {
    return declined.filter(a -> day.isBefore(a.askAgain())).isPresent();
  }

  boolean holdsOn(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(until);
  }

  /** Whether that work waits meanwhile. */
  boolean stops(Task other) {
    return stops.contains(other.kind()) && (whose.isEmpty() || whose.equals(other.whose()));
  }

  /** Whether a hold says all that another, of one of the animals alone, says. */
  boolean covers(Advice other) {
    return isHold()
        && other.isHold()
        && whose.isEmpty()
        && !other.whose.isEmpty()
        && stops.containsAll(other.stops);
  }

  public boolean isHold() {
    return task.kind() == TaskKind.HOLD;
  }
}
