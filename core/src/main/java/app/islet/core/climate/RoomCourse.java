package app.islet.core.climate;

import app.islet.core.enclosure.Site;

/**
 * The room's air through day and year: a cosine between the day's warmest and its coolest, and
 * another between summer and winter. Warmest at four in the afternoon and late in July, half a year
 * later on the southern half of the earth; common practice, no source.
 */
public final class RoomCourse {
  static final int MINUTES_A_DAY = 1440;
  private static final int WARMEST_MINUTE = 16 * 60;
  private static final int WARMEST_DAY = 205;
  private static final double DAYS_A_YEAR = 365.25;
  private static final double[] SHAPE = new double[MINUTES_A_DAY];

  static {
    for (int minute = 0; minute < MINUTES_A_DAY; minute++) {
      SHAPE[minute] = Math.cos(2 * Math.PI * (minute - WARMEST_MINUTE) / MINUTES_A_DAY);
    }
  }

  private final Site site;
  private final double shiftK;

  private RoomCourse(Site site, double shiftK) {
    this.site = site;
    this.shiftK = shiftK;
  }

  public static RoomCourse of(Site site) {
    return new RoomCourse(site, 0);
  }

  /** The same room so much warmer, or colder, all the time. */
  public RoomCourse shifted(double kelvin) {
    return new RoomCourse(site, shiftK + kelvin);
  }

  /** How much of summer a day of the year is, 0 to 1. */
  public double summerShare(int dayOfYear) {
    double south = site.latitude().orElse(0) < 0 ? DAYS_A_YEAR / 2 : 0;
    double angle = 2 * Math.PI * (dayOfYear - WARMEST_DAY - south) / DAYS_A_YEAR;
    return (1 + Math.cos(angle)) / 2;
  }

  Day on(int dayOfYear) {
    return day(summerShare(dayOfYear));
  }

  /** A day at the height of summer (1) or of winter (0), or between. */
  Day day(double summer) {
    double day = site.winterDayC() + summer * (site.summerDayC() - site.winterDayC());
    double night = site.winterNightC() + summer * (site.summerNightC() - site.winterNightC());
    return new Day(
        (day + night) / 2 + shiftK, (day - night) / 2, site.humidityPercent() / 100, summer);
  }

  /** One day of the room. */
  record Day(double meanC, double swingK, double humidity, double summer) {
    double airC(int minute) {
      return meanC + swingK * SHAPE[minute];
    }

    /** Vapour pressure, kPa: the day's mean air at the room's humidity. */
    double vapourKpa() {
      return humidity * MoistAir.saturationKpa(Math.max(-45, Math.min(60, meanC)));
    }
  }
}
