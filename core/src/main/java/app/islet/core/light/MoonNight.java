package app.islet.core.light;

import app.islet.core.enclosure.Site;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.shredzone.commons.suncalc.MoonTimes;

/**
 * When a moon lamp shines in the dark hours of a day, if it follows the real moon: while that
 * stands over the horizon of the site, as strong as it is lit. Hours are those of the sun's time
 * there, which clocks follow within an hour or two.
 *
 * @param onHour from when, {@code offHour} until when; above 24 in the small hours after
 * @param strength share of full moon, 0 to 1
 */
public record MoonNight(double onHour, double offHour, double strength) {
  /** A moon thinner than this gives no light worth a switch. */
  private static final double MIN_LIT = 0.03;

  private static final double SECONDS_A_DEGREE = 240;

  /**
   * Absent at new moon, and where the moon does not stand in the dark hours.
   *
   * @param darkFrom hour at which the lights go off, {@code darkTo} at which they go on again the
   *     next day, above 24
   */
  public static Optional<MoonNight> of(Site site, LocalDate date, double darkFrom, double darkTo) {
    double lit = Moon.at(date.atStartOfDay(ZoneOffset.UTC).toInstant()).illuminated();
    if (lit < MIN_LIT || darkTo <= darkFrom) {
      return Optional.empty();
    }
    if (site.latitude().isEmpty()) {
      return Optional.of(new MoonNight(darkFrom, darkTo, lit));
    }
    double longitude = site.longitude().orElse(0);
    Instant midnight =
        date.atStartOfDay()
            .toInstant(ZoneOffset.UTC)
            .minusSeconds(Math.round(longitude * SECONDS_A_DEGREE));
    Instant from = midnight.plusSeconds(Math.round(darkFrom * 3600));
    MoonTimes moon =
        MoonTimes.compute().utc().on(from).at(site.latitude().getAsDouble(), longitude).execute();
    double rise = hour(midnight, moon.getRise() == null ? null : moon.getRise().toInstant());
    double set = hour(midnight, moon.getSet() == null ? null : moon.getSet().toInstant());
    if (moon.isAlwaysDown()) {
      return Optional.empty();
    }
    // Up already when the lights go off where it sets before it rises next.
    double on = moon.isAlwaysUp() || set < rise ? darkFrom : rise;
    double off = moon.isAlwaysUp() ? darkTo : Math.min(darkTo, set > on ? set : darkTo);
    return on >= darkTo || off <= on
        ? Optional.empty()
        : Optional.of(new MoonNight(Math.max(darkFrom, on), off, lit));
  }

  private static double hour(Instant midnight, @Nullable Instant time) {
    return time == null
        ? Double.POSITIVE_INFINITY
        : (time.toEpochMilli() - midnight.toEpochMilli()) / 3_600_000.0;
  }
}
