package app.islet.core.light;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Steps;
import java.time.LocalDate;
import java.time.Month;
import java.util.Optional;

/**
 * The next winter rest of an animal that needs one: fasted, led into the cool and the short days,
 * kept there, and led out again. Common practice, no source, where the care sheet says nothing
 * else.
 *
 * @param fastFrom last meal, so that the gut is empty before it is cold
 * @param coolFrom first day of cooling and of shorter days
 * @param restFrom first day at rest, {@code restTo} the last of the longest rest it should have
 * @param warmTo first day as in summer again
 * @param coolC aimed at
 * @param stepK cooler each day on the way in, and warmer on the way out
 * @param hours of light a day at rest
 * @param stepHours shorter each week on the way in
 */
public record Brumation(
    Resident resident,
    LocalDate fastFrom,
    LocalDate coolFrom,
    LocalDate restFrom,
    LocalDate restTo,
    LocalDate warmTo,
    double coolC,
    double stepK,
    double hours,
    double stepHours) {
  private static final double MAX_K_A_DAY = 0.5;
  private static final int FAST_DAYS = 14;
  private static final int DAYS_A_WEEK = 7;

  /** The rest begins with the darkest month, north and south. */
  private static final Month NORTH = Month.DECEMBER;

  private static final Month SOUTH = Month.JUNE;

  /**
   * @param today the rest that goes on now, or the next one
   * @param fromC temperature before it, {@code fromHours} of light before it
   * @param south whether the enclosure stands south of the equator
   */
  public static Optional<Brumation> of(
      Resident r, LocalDate today, double fromC, double fromHours, boolean south) {
    return r.stage()
        .needs()
        .rest()
        .filter(Needs.Rest::needed)
        .map(
            rest -> {
              LocalDate from = LocalDate.of(today.getYear() - 1, south ? SOUTH : NORTH, 1);
              Brumation next = at(r, rest, from, fromC, fromHours);
              while (next.warmTo.isBefore(today)) {
                from = from.plusYears(1);
                next = at(r, rest, from, fromC, fromHours);
              }
              return next;
            });
  }

  private static Brumation at(
      Resident r, Needs.Rest rest, LocalDate restFrom, double fromC, double fromHours) {
    double aim = rest.coolC().middle();
    Steps steps = Steps.between(Math.max(fromC, aim), aim, MAX_K_A_DAY);
    LocalDate coolFrom = restFrom.minusDays(steps.days());
    double weeks = Math.max(1, steps.days() / (double) DAYS_A_WEEK);
    LocalDate restTo = restFrom.plusDays(Math.round(rest.weeks().max() * DAYS_A_WEEK));
    return new Brumation(
        r,
        coolFrom.minusDays(FAST_DAYS),
        coolFrom,
        restFrom,
        restTo,
        restTo.plusDays(steps.days()),
        aim,
        Math.abs(steps.perDay()),
        rest.hours(),
        Math.max(0, fromHours - rest.hours()) / weeks);
  }

  /** Where a day lies in it. */
  public String on(LocalDate day) {
    if (day.isBefore(fastFrom)) {
      return "to come";
    }
    if (day.isBefore(coolFrom)) {
      return "fasting";
    }
    return day.isBefore(restFrom)
        ? "being cooled"
        : day.isBefore(restTo) ? "at rest" : "being warmed";
  }
}
