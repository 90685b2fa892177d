package app.islet.core.enclosure;

import java.util.OptionalDouble;

/**
 * A bowl or pool beside the main water.
 *
 * @param salinityPpt salt in it, g/kg
 * @param slope whether an animal can walk out of it
 * @param areaCm2 surface of its water
 * @param xCm where its middle lies, from the left, {@code yCm} from the back
 */
public record Dish(
    double depthCm,
    double salinityPpt,
    boolean slope,
    OptionalDouble areaCm2,
    OptionalDouble xCm,
    OptionalDouble yCm) {
  /** One whose size and place nobody said. */
  public Dish(double depthCm, double salinityPpt, boolean slope) {
    this(
        depthCm,
        salinityPpt,
        slope,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        OptionalDouble.empty());
  }

  /** Its water, L; as if its sides were upright. */
  public OptionalDouble waterL() {
    return areaCm2.isPresent()
        ? OptionalDouble.of(areaCm2.getAsDouble() * depthCm / 1000)
        : OptionalDouble.empty();
  }
}
