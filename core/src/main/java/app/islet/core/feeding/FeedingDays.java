package app.islet.core.feeding;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Set;

/**
 * On which days anything is fed at all.
 *
 * @param everyDays 1 for each day
 * @param from a feeding day, from which the others are counted
 * @param fasting days of the week without food
 */
public record FeedingDays(int everyDays, LocalDate from, Set<DayOfWeek> fasting) {
  private static final int WEEK = 7;

  /** Every day; the day counted from does not matter. */
  public static final FeedingDays DAILY = new FeedingDays(1, LocalDate.EPOCH, Set.of());

  public FeedingDays {
    fasting = Set.copyOf(fasting);
    if (everyDays < 1 || fasting.size() == WEEK) {
      throw new IllegalArgumentException("some day must be a feeding day");
    }
  }

  public boolean has(LocalDate day) {
    return Math.floorMod(ChronoUnit.DAYS.between(from, day), everyDays) == 0
        && !fasting.contains(day.getDayOfWeek());
  }

  /** Of all days, the share that is fed on. */
  public double share() {
    return (1.0 / everyDays) * (WEEK - fasting.size()) / WEEK;
  }
}
