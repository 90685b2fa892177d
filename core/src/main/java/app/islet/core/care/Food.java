package app.islet.core.care;

import java.util.OptionalDouble;

/**
 * One food on a stage's menu.
 *
 * @param portion how much of it at a time
 * @param proteinPercent protein in the food as fed, for the ammonia it makes
 * @param turn when it is given
 * @param note how it is given
 */
public record Food(
    String name, Portion portion, double proteinPercent, Turn turn, String note, Evidence basis) {
  /** Grams of it for one animal of {@code massG}; nothing where a piece's mass is not stated. */
  public OptionalDouble gramsFor(double massG) {
    return portion.gramsFor(massG);
  }

  /** The same food in portions of that share. */
  public Food times(double share) {
    return new Food(name, portion.times(share), proteinPercent, turn, note, basis);
  }
}
