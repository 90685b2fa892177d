package app.islet.core.plan;

import java.time.LocalDate;
import java.util.Set;

/**
 * What Islet knows beside the routine, as work on the list of some days: something to be done, or
 * something that is held off and stands there with its reason.
 *
 * @param task to do; of what is held off the line that says so
 * @param stops kinds of work that wait meanwhile; none where it is something to do
 * @param whose of whom it stops work, as their tasks are known by; empty for all
 * @param until the last day it holds as far as is known now: a reading or a tick makes it anew
 */
public record Advice(
    Task task,
    Set<TaskKind> stops,
    String whose,
    Urgency urgency,
    LocalDate from,
    LocalDate until) {
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
