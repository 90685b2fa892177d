package app.islet.core.animal;

import app.islet.core.care.Growth;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Limit;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was measured of some animals, and how they grow by it.
 *
 * @param lengthCm length last measured, along what {@link
 *     app.islet.core.care.AnimalGroup#measure()} says
 * @param massG mass last weighed, each
 * @param smallestCm length of the smallest of them, where they differ and somebody measured
 * @param daysOld days since the length was measured: so much longer they have been growing
 * @param growth the curve their own measurements tell; their sheet's where there is none
 */
public record Size(
    OptionalDouble lengthCm,
    OptionalDouble massG,
    OptionalDouble smallestCm,
    int daysOld,
    Optional<Growth> growth) {
  /** Between what a length of an animal may lie: beyond it somebody has mistyped. */
  public static final Limit LENGTH = Limit.of(Dimension.LENGTH, 0.1, 300);

  /** Between what the mass of an animal may lie. */
  public static final Limit MASS = Limit.of(Dimension.MASS, 0.001, 500_000);

  /** Nothing was measured. */
  public static final Size UNKNOWN =
      new Size(
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          0,
          Optional.empty());

  public Size {
    if (smallestCm.isPresent()
        && lengthCm.isPresent()
        && smallestCm.getAsDouble() > lengthCm.getAsDouble()) {
      throw new IllegalArgumentException(
          "the smallest of them cannot be longer than the length of them");
    }
  }

  /** As measured today. */
  public static Size of(OptionalDouble lengthCm, OptionalDouble massG) {
    return new Size(lengthCm, massG, OptionalDouble.empty(), 0, Optional.empty());
  }

  /** The same, of which the smallest is so long. */
  public Size downTo(OptionalDouble cm) {
    return new Size(lengthCm, massG, cm, daysOld, growth);
  }

  /** The same animals of that length and mass today. */
  Size now(OptionalDouble length, OptionalDouble mass) {
    return new Size(length, mass, OptionalDouble.empty(), 0, growth);
  }

  /** The same, measured so many days ago, and growing by that curve. */
  public Size measured(int daysAgo, Optional<Growth> own) {
    return new Size(lengthCm, massG, smallestCm, daysAgo, own);
  }
}
