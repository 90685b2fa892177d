package app.islet.core.light;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lighting;
import app.islet.core.enclosure.Site;
import java.time.LocalDate;
import java.util.Optional;

/**
 * When the lights are on, day by day: the hours set; those of the sun where the site lies, kept
 * between eight hours and sixteen; or evenly between a shortest and a longest day of the keeper's
 * own.
 *
 * @param hours the same every day, where neither is followed
 */
public record Photoperiod(
    double onHour, double hours, boolean seasonal, Optional<Lighting.Ramp> ramp, Site site) {
  private static final double DAYS_A_YEAR = 365.25;

  /** Day of the year of the northern summer solstice. */
  private static final int LONGEST_DAY = 172;

  private static final double USUAL_HOURS = 12;

  /** A tank is in no polar night; common practice, no source. */
  private static final double SHORTEST_HOURS = 8;

  private static final double LONGEST_HOURS = 16;

  /** A temperate place for one who did not say where; from memory. */
  private static final double USUAL_LATITUDE = 45;

  public static Photoperiod of(Enclosure e) {
    return new Photoperiod(
        e.conditions().lighting().onHour(),
        e.conditions().lightHours().orElse(USUAL_HOURS),
        e.conditions().lighting().seasonal(),
        e.conditions().lighting().ramp(),
        e.site());
  }

  /** Whether every day is as long as the other. */
  public boolean isFixed() {
    return !seasonal && ramp.isEmpty();
  }

  public double hoursOn(LocalDate date) {
    if (ramp.isPresent()) {
      boolean south = site.latitude().orElse(USUAL_LATITUDE) < 0;
      double turn = (date.getDayOfYear() - LONGEST_DAY) / DAYS_A_YEAR + (south ? 0.5 : 0);
      double summer = (1 + Math.cos(2 * Math.PI * turn)) / 2;
      Lighting.Ramp r = ramp.get();
      return r.winterHours() + (r.summerHours() - r.winterHours()) * summer;
    }
    if (!seasonal) {
      return hours;
    }
    double sun =
        DayLength.on(date, site.latitude().orElse(USUAL_LATITUDE), site.longitude().orElse(0))
            .hours();
    return Math.max(SHORTEST_HOURS, Math.min(LONGEST_HOURS, sun));
  }

  /** Hour at which they go off; above 24 in the small hours of the next day. */
  public double offHourOn(LocalDate date) {
    return onHour + hoursOn(date);
  }
}
