package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.quantity.Dimension;
import java.util.OptionalDouble;

/**
 * What a vessel's walls are, as far as somebody said.
 *
 * @param paneMm thickness of the front pane
 * @param braced whether a frame or brace holds its upper edge
 * @param lipCm height of the lowest opening's lip over the floor: under doors in the front the
 *     water runs out there, long before the rim
 * @param insulationMm foam on the back and both ends
 */
public record Walls(
    @Between(of = Dimension.THICKNESS, min = 1, max = 100) OptionalDouble paneMm,
    boolean braced,
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) OptionalDouble lipCm,
    @Between(of = Dimension.THICKNESS, min = 0, max = 200) OptionalDouble insulationMm) {
  public static final Walls UNKNOWN =
      new Walls(OptionalDouble.empty(), false, OptionalDouble.empty());

  /** Walls that nobody insulated. */
  public Walls(OptionalDouble paneMm, boolean braced, OptionalDouble lipCm) {
    this(paneMm, braced, lipCm, OptionalDouble.empty());
  }

  Walls insulated(OptionalDouble mm) {
    return new Walls(paneMm, braced, lipCm, mm);
  }
}
