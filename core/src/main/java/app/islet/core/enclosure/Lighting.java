package app.islet.core.enclosure;

import app.islet.core.quantity.Check;
import java.util.Optional;

/**
 * When the lights are switched.
 *
 * @param onHour hour of the day they go on at, 0 to 24
 * @param seasonal whether the day's length follows the sun at the site's latitude instead of the
 *     hours set
 * @param ramp a year of the keeper's own, which goes before both
 */
public record Lighting(double onHour, boolean seasonal, Optional<Ramp> ramp) {
  /** Eight in the morning, the same all year; common practice, no source. */
  public static final Lighting USUAL = new Lighting(8, false);

  public Lighting {
    Check.inRange("onHour", onHour, 0, 24);
  }

  public Lighting(double onHour, boolean seasonal) {
    this(onHour, seasonal, Optional.empty());
  }

  /**
   * Days that lengthen and shorten evenly between two lengths.
   *
   * @param winterHours on the shortest day, {@code summerHours} on the longest
   */
  public record Ramp(double winterHours, double summerHours) {
    public Ramp {
      Check.inRange("winterHours", winterHours, 0, 24);
      Check.inRange("summerHours", summerHours, 0, 24);
    }
  }
}
