package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
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
    @Between(of = Dimension.LENGTH, min = 0.1, max = 100) double depthCm,
    @Stored(usual = "0", always = true)
        @Between(of = Dimension.SALINITY, min = 0, max = Water.MAX_PPT)
        double salinityPpt,
    @Stored(always = true) boolean slope,
    @Between(of = Dimension.AREA, min = 1, max = 1000000) OptionalDouble areaCm2,
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) OptionalDouble xCm,
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) OptionalDouble yCm) {
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
