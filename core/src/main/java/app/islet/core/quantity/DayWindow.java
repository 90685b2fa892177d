package app.islet.core.quantity;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * The days within which something is expected, by the calendar.
 *
 * @param from the first
 * @param to the last, no earlier
 */
public record DayWindow(LocalDate from, LocalDate to) {
  public DayWindow {
    if (to.isBefore(from)) {
      throw new IllegalArgumentException("a window must not end before it begins");
    }
  }

  /** So many days after {@code day}, from the least to the most of them, each rounded. */
  public static DayWindow after(LocalDate day, Range days) {
    return new DayWindow(
        day.plusDays(Math.round(days.min())), day.plusDays(Math.round(days.max())));
  }

  /** Half way. */
  public LocalDate middle() {
    return from.plusDays(ChronoUnit.DAYS.between(from, to) / 2);
  }

  public boolean contains(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(to);
  }
}
