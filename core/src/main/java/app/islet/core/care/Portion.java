package app.islet.core.care;

import java.util.OptionalDouble;

/**
 * How much of a food one animal gets at a time: pieces, or a share of its mass.
 *
 * @param pieces pieces for each animal, where food is counted
 * @param bodyMassPercent share of the animal's mass, where food is weighed
 * @param unit what one piece is, or what is weighed
 * @param gramsPerPiece mass of a piece, where food is counted
 */
public record Portion(
    OptionalDouble pieces,
    OptionalDouble bodyMassPercent,
    String unit,
    OptionalDouble gramsPerPiece) {
  private static final double MIN_PIECE = 0.5;
  private static final double PERCENT = 100;

  public Portion {
    if (pieces.isPresent() == bodyMassPercent.isPresent()) {
      throw new IllegalArgumentException("a portion is either pieces or bodyMassPercent");
    }
  }

  /** Grams for one animal of {@code massG}; nothing where a piece's mass is not stated. */
  public OptionalDouble gramsFor(double massG) {
    if (bodyMassPercent.isPresent()) {
      return OptionalDouble.of(massG * bodyMassPercent.getAsDouble() / PERCENT);
    }
    return gramsPerPiece.isPresent()
        ? OptionalDouble.of(pieces.getAsDouble() * gramsPerPiece.getAsDouble())
        : OptionalDouble.empty();
  }

  /**
   * That share of it; pieces in halves, and one half at least. Of what several animals share one
   * piece of, that share of the piece.
   */
  public Portion times(double share) {
    boolean shared = pieces.isPresent() && pieces.getAsDouble() < MIN_PIECE;
    OptionalDouble fewer =
        pieces.isPresent()
            ? OptionalDouble.of(
                shared
                    ? pieces.getAsDouble() * share
                    : Math.max(MIN_PIECE, rounded(pieces.getAsDouble() * share, MIN_PIECE)))
            : pieces;
    OptionalDouble less =
        bodyMassPercent.isPresent()
            ? OptionalDouble.of(bodyMassPercent.getAsDouble() * share)
            : bodyMassPercent;
    return new Portion(fewer, less, unit, gramsPerPiece);
  }

  /** So many pieces of it, as a person can count them. */
  Portion ofPieces(double each) {
    double step = each >= 100 ? 10 : each >= 10 ? 5 : MIN_PIECE;
    double counted = Math.max(Math.min(each, MIN_PIECE), rounded(each, step));
    return new Portion(OptionalDouble.of(counted), bodyMassPercent, unit, gramsPerPiece);
  }

  private static double rounded(double pieces, double step) {
    return Math.round(pieces / step) * step;
  }
}
