package app.islet.core.climate;

/**
 * What the thermostats and timers are set to.
 *
 * @param heatToC water the heater holds; NaN where none is set
 * @param coolToC water above which fan and chiller run; NaN where none is set
 * @param airToC box the mat holds; NaN where none is set
 * @param heaterStuck whether the heater runs whatever the water says
 * @param lightsOnMinute and {@code lightsOffMinute}: of the day
 * @param sunFromMinute and {@code sunToMinute}: when the sun is on the glass
 */
public record Settings(
    double heatToC,
    double coolToC,
    double airToC,
    boolean heaterStuck,
    int lightsOnMinute,
    int lightsOffMinute,
    int sunFromMinute,
    int sunToMinute) {
  /** Colder than anything: what cools runs all the time. */
  static final double ALWAYS_C = -100;

  private static final int SUN_MIDDLE = 13 * 60;

  static Settings of(
      double heatToC,
      double coolToC,
      double airToC,
      double onHour,
      double lightHours,
      double sunHours) {
    int on = (int) Math.round(onHour * 60);
    int half = (int) Math.round(sunHours * 30);
    return new Settings(
        heatToC,
        coolToC,
        airToC,
        false,
        on,
        on + (int) Math.round(lightHours * 60),
        SUN_MIDDLE - half,
        SUN_MIDDLE + half);
  }

  /** Lights that burn past midnight burn on from the start of the next day. */
  boolean lit(int minute) {
    return minute >= lightsOnMinute && minute < lightsOffMinute
        || minute + RoomCourse.MINUTES_A_DAY < lightsOffMinute;
  }

  /** Share of the day the lights are on. */
  double litShare() {
    return (lightsOffMinute - lightsOnMinute) / (double) RoomCourse.MINUTES_A_DAY;
  }

  /** Share of the day the sun is on the glass. */
  double sunShare() {
    return (sunToMinute - sunFromMinute) / (double) RoomCourse.MINUTES_A_DAY;
  }

  boolean sunny(int minute) {
    return minute >= sunFromMinute && minute < sunToMinute;
  }

  Settings stuck() {
    return new Settings(
        heatToC,
        coolToC,
        airToC,
        true,
        lightsOnMinute,
        lightsOffMinute,
        sunFromMinute,
        sunToMinute);
  }

  /** Nothing is cooled. */
  Settings uncooled() {
    return coolTo(Double.NaN);
  }

  Settings coolTo(double celsius) {
    return new Settings(
        heatToC,
        celsius,
        airToC,
        heaterStuck,
        lightsOnMinute,
        lightsOffMinute,
        sunFromMinute,
        sunToMinute);
  }
}
