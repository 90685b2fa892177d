package app.islet.core.water;

import app.islet.core.quantity.Check;
import app.islet.core.quantity.Dimension;
import java.time.LocalDate;

/**
 * Something done to the water on a day.
 *
 * @param amount in the unit of its kind; 0 where it has none
 */
public record WaterEvent(LocalDate day, Kind kind, double amount) {
  /** What was done, and what its amount counts. */
  public enum Kind {
    CHANGE("Water change", "share changed", Dimension.PERCENT, 1, 100),
    AMMONIA_DOSE("Ammonia dosed", "as nitrogen, over all the water", Dimension.TRACE, 0.1, 8),
    RIPE_MEDIA("Mature media put in", "share of the filter", Dimension.PERCENT, 1, 100),
    RINSED("Media rinsed in tank water", "", Dimension.COUNT, 0, 0),
    RINSED_TAP("Media rinsed under the tap", "", Dimension.COUNT, 0, 0),
    NEW_MEDIA("New cartridge or media", "share of the filter", Dimension.PERCENT, 1, 100),
    PUMP_STOPPED("Filter stood still", "for", Dimension.HOURS, 0.1, 1000),
    FLOW("Filter flow measured", "", Dimension.FLOW, 1, 100_000),
    SALT("Salt added", "marine salt", Dimension.MASS, 0.1, 100_000),
    RAIN("Rain fell in", "", Dimension.THICKNESS, 0.1, 1000),
    TOPPED_UP("Topped up", "fresh water", Dimension.VOLUME, 0.05, 100_000),
    TREATED("Treated with a remedy", "", Dimension.COUNT, 0, 0),
    MOVED_IN("Animals moved in", "", Dimension.COUNT, 0, 0);

    private final String words;
    private final String of;
    private final Dimension dimension;
    private final double least;
    private final double most;

    Kind(String words, String of, Dimension dimension, double least, double most) {
      this.words = words;
      this.of = of;
      this.dimension = dimension;
      this.least = least;
      this.most = most;
    }

    public String words() {
      return words;
    }

    /** What the amount is of, as {@code share changed}. */
    public String of() {
      return of;
    }

    public Dimension dimension() {
      return dimension;
    }

    public double least() {
      return least;
    }

    public double most() {
      return most;
    }

    public boolean hasAmount() {
      return most > 0;
    }
  }

  public WaterEvent {
    Check.inRange(kind.words(), amount, kind.least, kind.most);
  }
}
