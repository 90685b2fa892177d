package app.islet.core.rearing;

import app.islet.core.quantity.DayWindow;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * A danger of the days to come, or of now, announced while something can still be done.
 *
 * @param from the first day it may threaten
 * @param on whether it does now
 */
public record DangerWindow(Danger danger, Milestone stage, LocalDate from, boolean on) {
  /** Announced so many days before; a lid is cut and moss is bought by then. */
  private static final int AHEAD_DAYS = 5;

  /**
   * Those that are on or near, the nearest first.
   *
   * @param present the stages any of them are in: some are ahead of the others
   */
  public static List<DangerWindow> of(
      Timeline timeline, Collection<Milestone> present, LocalDate today) {
    List<DangerWindow> all = new ArrayList<>();
    for (Milestone stage : present) {
      stage.care().dangers().forEach(d -> all.add(new DangerWindow(d, stage, today, true)));
    }
    timeline
        .next(today)
        .filter(next -> !present.contains(next.milestone()))
        .filter(next -> isNear(next.expected(), today))
        .ifPresent(
            next ->
                next.milestone()
                    .care()
                    .dangers()
                    .forEach(
                        d ->
                            all.add(
                                new DangerWindow(
                                    d, next.milestone(), next.expected().from(), false))));
    return List.copyOf(all);
  }

  private static boolean isNear(DayWindow expected, LocalDate today) {
    return !today.isBefore(expected.from().minusDays(AHEAD_DAYS));
  }
}
