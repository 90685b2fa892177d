package app.islet.core.plan;

/** What work costs in time. */
public final class Labour {
  private static final double MINUTES_PER_HOUR = 60;

  private Labour() {}

  /** Minutes on an average day of so many units, each on every so manyth day. */
  public static double minutesADay(double units, double minutesEach, double everyDays) {
    return units * minutesEach / everyDays;
  }

  /** Hours over some days. */
  public static double hours(double minutesADay, double days) {
    return minutesADay * days / MINUTES_PER_HOUR;
  }
}
