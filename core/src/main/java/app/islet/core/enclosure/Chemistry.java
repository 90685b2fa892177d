package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.quantity.Dimension;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the keeper knows of the water besides its depth and salt; each absent until somebody tested.
 *
 * @param ph as measured in the tank
 * @param hardnessDh total hardness, German degrees
 */
public record Chemistry(
    @Between(of = Dimension.PH, min = 3, max = 11) OptionalDouble ph,
    @Between(of = Dimension.HARDNESS, min = 0, max = 60) OptionalDouble hardnessDh,
    Optional<WaterSource> source) {
  /** Nothing tested, nothing said. */
  public static final Chemistry UNKNOWN =
      new Chemistry(OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());
}
