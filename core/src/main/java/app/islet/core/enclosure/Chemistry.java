package app.islet.core.enclosure;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the keeper knows of the water besides its depth and salt; each absent until somebody tested.
 *
 * @param ph as measured in the tank
 * @param hardnessDh total hardness, German degrees
 */
public record Chemistry(
    OptionalDouble ph, OptionalDouble hardnessDh, Optional<WaterSource> source) {
  /** Nothing tested, nothing said. */
  public static final Chemistry UNKNOWN =
      new Chemistry(OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());
}
