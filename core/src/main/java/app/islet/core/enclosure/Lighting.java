package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Check;
import app.islet.core.quantity.Dimension;
import java.util.Optional;

/**
 * When the lights are switched.
 *
 * @param onHour hour of the day they go on at, 0 to 24
 * @param seasonal whether the day's length follows the sun at the site's latitude instead of the
 *     hours set
 * @param ramp a year of the keeper's own, which goes before both
 */
public record Lighting(
    @Stored(as = "lightsOnHour", usual = "8") @Between(of = Dimension.HOURS, min = 0, max = 24)
        double onHour,
    @Stored(flat = true) Optional<Ramp> ramp,
    @Stored(as = "seasonalLight") boolean seasonal) {
  /** Eight in the morning, the same all year; common practice, no source. */
  public static final Lighting USUAL = new Lighting(8, false);

  public Lighting {
    Check.inRange("onHour", onHour, 0, 24);
  }

  public Lighting(double onHour, boolean seasonal) {
    this(onHour, Optional.empty(), seasonal);
  }

  /**
   * Days that lengthen and shorten evenly between two lengths.
   *
   * @param winterHours on the shortest day, {@code summerHours} on the longest
   */
  public record Ramp(
      @Stored(as = "winterLightHours") @Between(of = Dimension.HOURS, min = 0, max = 24)
          double winterHours,
      @Stored(as = "summerLightHours") @Between(of = Dimension.HOURS, min = 0, max = 24)
          double summerHours) {
    public Ramp {
      Check.inRange("winterHours", winterHours, 0, 24);
      Check.inRange("summerHours", summerHours, 0, 24);
    }
  }
}
