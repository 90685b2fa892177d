package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.quantity.Dimension;
import java.util.OptionalDouble;

/**
 * What was tested in the water before it goes in; each absent where nobody did.
 *
 * @param nitrateMgPerL as nitrogen
 * @param hardnessDh total hardness, {@code carbonateDh} carbonate hardness, German degrees
 */
public record SourceWater(
    @Between(of = Dimension.CONCENTRATION, min = 0, max = 500) OptionalDouble nitrateMgPerL,
    @Between(of = Dimension.PH, min = 3, max = 11) OptionalDouble ph,
    @Between(of = Dimension.HARDNESS, min = 0, max = 60) OptionalDouble hardnessDh,
    @Between(of = Dimension.HARDNESS, min = 0, max = 60) OptionalDouble carbonateDh) {
  /** Nothing tested. */
  public static final SourceWater UNKNOWN =
      new SourceWater(
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty());
}
