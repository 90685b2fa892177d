package app.islet.core.care;

import java.util.OptionalDouble;

/**
 * One food on a stage's menu.
 *
 * @param pieces pieces for each animal, where food is counted
 * @param bodyMassPercent portion as a share of the animal's mass, where food is weighed
 * @param unit what one piece is, or what is weighed
 * @param proteinPercent protein in the food as fed, for the ammonia it makes
 * @param gramsPerPiece mass of a piece, where food is counted
 * @param note how it is given
 */
public record Food(
    String name,
    OptionalDouble pieces,
    OptionalDouble bodyMassPercent,
    String unit,
    double proteinPercent,
    OptionalDouble gramsPerPiece,
    Recurrence recurrence,
    String note,
    Evidence basis) {
  private static final double LEAST_PIECE = 0.5;

  public Food {
    if (pieces.isPresent() == bodyMassPercent.isPresent()) {
      throw new IllegalArgumentException("a portion is either pieces or bodyMassPercent");
    }
  }

  /**
   * Grams of this food for one animal of {@code massG}; nothing when a piece's mass is not stated.
   */
  public OptionalDouble gramsFor(double massG) {
    if (bodyMassPercent.isPresent()) {
      return OptionalDouble.of(massG * bodyMassPercent.getAsDouble() / 100);
    }
    return gramsPerPiece.isPresent()
        ? OptionalDouble.of(pieces.getAsDouble() * gramsPerPiece.getAsDouble())
        : OptionalDouble.empty();
  }

  /** The same food in portions of that share; pieces in halves, and one half at least. */
  public Food times(double share) {
    OptionalDouble fewer =
        pieces.isPresent()
            ? OptionalDouble.of(
                Math.max(
                    LEAST_PIECE,
                    Math.round(pieces.getAsDouble() * share / LEAST_PIECE) * LEAST_PIECE))
            : pieces;
    OptionalDouble less =
        bodyMassPercent.isPresent()
            ? OptionalDouble.of(bodyMassPercent.getAsDouble() * share)
            : bodyMassPercent;
    return new Food(
        name, fewer, less, unit, proteinPercent, gramsPerPiece, recurrence, note, basis);
  }
}
