package app.islet.core.rearing;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Range;
import java.util.OptionalDouble;

/**
 * Days from birth or hatching until a stage is reached. Where the temperature is known for which
 * they were published, warmer water shortens them: development goes on by degree days above {@code
 * zeroC}.
 *
 * @param days least and most, at {@code atC} where that is given
 * @param atC water for which the days are said, °C
 * @param zeroC below this nothing develops, °C; from memory
 */
public record Timing(Range days, OptionalDouble atC, OptionalDouble zeroC, Evidence basis) {
  /** Degree days hold near the temperature they were found at, and no farther, °C. */
  private static final double HOLDS_WITHIN_C = 6;

  public Timing {
    if (atC.isPresent() != zeroC.isPresent()) {
      throw new IllegalArgumentException("atC and zeroC are given together, or neither");
    }
    if (atC.isPresent() && !(atC.getAsDouble() > zeroC.getAsDouble() + HOLDS_WITHIN_C)) {
      throw new IllegalArgumentException("atC must lie more than 6 °C above zeroC");
    }
  }

  /** Whether the temperature of the water changes it. */
  public boolean isByTemperature() {
    return atC.isPresent();
  }

  /** Days in water of {@code tempC}; as published where that is unknown. */
  public Range at(OptionalDouble tempC) {
    if (tempC.isEmpty() || atC.isEmpty()) {
      return days;
    }
    double at = atC.getAsDouble();
    double near = Math.max(at - HOLDS_WITHIN_C, Math.min(at + HOLDS_WITHIN_C, tempC.getAsDouble()));
    double factor = (at - zeroC.getAsDouble()) / (near - zeroC.getAsDouble());
    return new Range(days.min() * factor, days.max() * factor);
  }
}
