package app.islet.core.water;

/** What a pump moves, by a jug and a watch. */
public final class PumpFlow {
  private static final double SECONDS_PER_HOUR = 3600;

  private PumpFlow() {}

  /** Flow of so many litres caught in so many seconds, L/h. */
  public static double litresPerHour(double litres, double seconds) {
    return litres / seconds * SECONDS_PER_HOUR;
  }

  /** Seconds that flow takes for so many litres. */
  public static double seconds(double litres, double litresPerHour) {
    return litres / litresPerHour * SECONDS_PER_HOUR;
  }
}
