package app.islet.core.enclosure;

import java.util.OptionalDouble;

/**
 * What was tested in the water before it goes in; each absent where nobody did.
 *
 * @param nitrateMgPerL as nitrogen
 * @param hardnessDh total hardness, {@code carbonateDh} carbonate hardness, German degrees
 */
public record SourceWater(
    OptionalDouble nitrateMgPerL,
    OptionalDouble ph,
    OptionalDouble hardnessDh,
    OptionalDouble carbonateDh) {
  /** Nothing tested. */
  public static final SourceWater UNKNOWN =
      new SourceWater(
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty());
}
