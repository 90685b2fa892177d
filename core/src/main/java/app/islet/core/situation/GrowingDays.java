package app.islet.core.situation;

import app.islet.core.animal.Resident;
import app.islet.core.animal.Resting;
import app.islet.core.care.Needs;
import java.time.LocalDate;
import java.time.Month;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Days on which an animal grows: not while a keeper has it rest; else all of them indoors, where
 * lamp and heater make one season of the year; under the sky none of those that it rests through
 * the winter.
 */
final class GrowingDays {
  /** About this day the rest is at its middle, north of the equator; common practice, no source. */
  private static final int MIDDLE_DAY = 15;

  private static final int DAYS_A_WEEK = 7;

  private GrowingDays() {}

  /**
   * @param days from {@code today} on
   * @param south whether winter is in July
   */
  static int of(Resident r, LocalDate today, int days, boolean outdoors, boolean south) {
    boolean measured = r.size().growth().isPresent();
    Needs.Rest rest = r.stage().needs().rest().orElse(null);
    // A rest that is over says nothing of the winters to come.
    Optional<Resting> told =
        r.keeping().rest().filter(x -> x.until().map(today::isBefore).orElse(true));
    if (rest != null && told.isPresent()) {
      Resting resting = told.get();
      // Nobody said when it is woken: then as late as its kind is.
      LocalDate woken =
          resting
              .until()
              .orElse(resting.from().plusDays(Math.round(rest.weeks().max() * DAYS_A_WEEK)));
      Resting known = new Resting(resting.from(), Optional.of(woken));
      return (int)
          IntStream.rangeClosed(1, days).filter(n -> !known.holdsOn(today.plusDays(n))).count();
    }
    if (!outdoors || measured || rest == null) {
      return days;
    }
    double half = rest.weeks().middle() * 7 / 2;
    int growing = 0;
    for (int n = 1; n <= days; n++) {
      LocalDate day = today.plusDays(n);
      LocalDate middle =
          LocalDate.of(day.getYear(), south ? Month.JULY : Month.JANUARY, MIDDLE_DAY);
      long off = Math.abs(day.toEpochDay() - middle.toEpochDay());
      if (Math.min(off, 365 - off) > half) {
        growing++;
      }
    }
    return growing;
  }
}
