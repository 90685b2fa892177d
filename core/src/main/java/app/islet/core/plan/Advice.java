package app.islet.core.plan;

import java.time.LocalDate;
import java.util.Set;

/**
 * What Islet knows beside the routine, as work on the list of some days: something to be done, or
 * something that is held off and stands there with its reason.
 *
 * @param task to do; of what is held off the line that says so
 * @param stops kinds of work that wait meanwhile; none where it is something to do
 * @param until the last day it holds as far as is known now: a reading or a tick makes it anew
 */
public record Advice(
    Task task, Set<TaskKind> stops, Urgency urgency, LocalDate from, LocalDate until) {
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

  public boolean isHold() {
    return !stops.isEmpty();
  }
}
