package app.islet.core.care;

import java.util.Optional;

/**
 * When a food is given.
 *
 * @param role what it is for
 * @param often its range, where it takes turns with others; nothing where it has days of its own
 * @param recurrence those days; with a range, about how often that is
 */
public record Turn(Role role, Optional<Often> often, Recurrence recurrence) {
  /** More foods would take turns for longer than anybody plans; from memory. */
  public static final int MAX_ON_A_MENU = 10;

  /** On days of its own, whatever else is given. */
  public static Turn on(Role role, Recurrence recurrence) {
    return new Turn(role, Optional.empty(), recurrence);
  }

  /** In turns, inside a range. */
  public static Turn of(Role role, Often often) {
    double middle = (often.leastADay() + often.mostADay()) / 2;
    return new Turn(
        role, Optional.of(often), Recurrence.every((int) Math.max(1, Math.round(1 / middle))));
  }

  /** How often on an average day. */
  public double timesADay() {
    return often.map(o -> (o.leastADay() + o.mostADay()) / 2).orElseGet(recurrence::timesADay);
  }

  public String words() {
    return often.map(Often::words).orElseGet(recurrence::words);
  }
}
