package app.islet.core.quantity;

/**
 * Between what a number that is entered may lie, both ends included.
 *
 * @param min in the SI unit of the dimension
 * @param unit as a document says it
 */
public record Limit(Dimension dimension, double min, double max, String unit) {
  public Limit {
    if (!(min <= max)) {
      throw new IllegalArgumentException("a limit from %s to %s".formatted(min, max));
    }
  }

  public static Limit of(Dimension dimension, double min, double max) {
    return new Limit(dimension, min, max, dimension.unit(UnitSystem.METRIC));
  }
}
