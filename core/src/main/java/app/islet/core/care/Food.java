package app.islet.core.care;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One food on a stage's menu.
 *
 * @param portion how much of it at a time, at the beginning of the stage where it grows within it
 * @param proteinPercent protein in the food as fed, for the ammonia it makes
 * @param turn when it is given
 * @param byLength how it follows the animal's length within the stage; absent where it does not
 * @param note how it is given
 */
public record Food(
    String name,
    Portion portion,
    double proteinPercent,
    Turn turn,
    Optional<ByLength> byLength,
    String note,
    Evidence basis) {
  /**
   * @param fromCm length from which it can be eaten, cm
   * @param piecesAtEnd pieces each at the end of the stage; absent where they stay the same
   */
  public record ByLength(double fromCm, OptionalDouble piecesAtEnd) {}

  public Food(
      String name, Portion portion, double proteinPercent, Turn turn, String note, Evidence basis) {
    this(name, portion, proteinPercent, turn, Optional.empty(), note, basis);
  }

  /** Grams of it for one animal of {@code massG}; nothing where a piece's mass is not stated. */
  public OptionalDouble gramsFor(double massG) {
    return portion.gramsFor(massG);
  }

  /** The same food in portions of that share. */
  public Food times(double share) {
    return with(portion.times(share));
  }

  /**
   * The same for an animal of a length within its stage; nothing where it is too small for it.
   *
   * @param startCm where the stage begins, {@code endCm} where it ends
   */
  public Optional<Food> at(double lengthCm, double startCm, double endCm) {
    if (byLength.isEmpty()) {
      return Optional.of(this);
    }
    ByLength grows = byLength.get();
    if (lengthCm < grows.fromCm()) {
      return Optional.empty();
    }
    if (grows.piecesAtEnd().isEmpty() || portion.pieces().isEmpty()) {
      return Optional.of(this);
    }
    double start = Math.max(startCm, grows.fromCm());
    double way = Math.min(1, Math.max(0, (lengthCm - start) / Math.max(0.1, endCm - start)));
    double first = portion.pieces().getAsDouble();
    double pieces = first + way * (grows.piecesAtEnd().getAsDouble() - first);
    return Optional.of(with(portion.ofPieces(pieces)));
  }

  private Food with(Portion other) {
    return new Food(name, other, proteinPercent, turn, byLength, note, basis);
  }
}
