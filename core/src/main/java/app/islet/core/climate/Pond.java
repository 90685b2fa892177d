package app.islet.core.climate;

import app.islet.core.enclosure.Site;
import java.time.LocalDate;

/**
 * Water under the sky. No room holds it: by day and week it follows the mean of the air, the sun
 * warms it, ice covers it, and the bottom of one deep enough stays at 4 °C, where water is densest.
 * Estimate, within 4 K; a thermometer on a string at the bottom knows better.
 *
 * @param site the air by season, under the sky
 * @param depthCm where it is deepest
 */
public record Pond(Site site, double depthCm) {
  /**
   * Bare ice grows by so many cm for the root of the degree days of frost (Stefan 1891; Ashton 1986
   * for the factor of a sheltered pond, as remembered): ice = 2.7 √(°C·d).
   */
  private static final double ICE_CM = 2.7;

  /** How long the height of winter lasts, days; common practice, no source. */
  private static final double FROST_DAYS = 60;

  private static final double DENSEST_C = 4;

  /** How much warmer than the mean air the sun makes shallow water in summer, K; from memory. */
  private static final double SUN_K = 3;

  /** Free water wanted under the ice, cm; common practice, no source. */
  public static final double FREE_CM = 30;

  /** Thickest ice of a winter, cm; 0 where the mean of winter stays above freezing. */
  public double iceCm() {
    return ICE_CM * Math.sqrt(FROST_DAYS * Math.max(0, -winterAirC()));
  }

  /** Whether water enough stays free under the ice. */
  public boolean staysOpen() {
    return depthCm >= iceCm() + (iceCm() > 0 ? FREE_CM : 0);
  }

  /** At the bottom at the height of winter, °C. */
  public double winterC() {
    return staysOpen() ? Math.max(DENSEST_C, winterAirC()) : Math.max(0, winterAirC());
  }

  /** At the height of summer, °C. */
  public double summerC() {
    return (site.summerDayC() + site.summerNightC()) / 2 + SUN_K;
  }

  /** As it should be about that day, °C. */
  public double onC(LocalDate day) {
    double summer = RoomCourse.of(site).summerShare(day.getDayOfYear());
    return winterC() + summer * (summerC() - winterC());
  }

  private double winterAirC() {
    return (site.winterDayC() + site.winterNightC()) / 2;
  }

  /** The mean of the air under the sky about that day, °C. */
  public static double airC(Site site, LocalDate day) {
    double winter = (site.winterDayC() + site.winterNightC()) / 2;
    double summer = (site.summerDayC() + site.summerNightC()) / 2;
    return winter + RoomCourse.of(site).summerShare(day.getDayOfYear()) * (summer - winter);
  }
}
