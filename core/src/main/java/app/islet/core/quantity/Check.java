package app.islet.core.quantity;

/** Contract checks for numbers, written as the condition that must hold, so that NaN fails too. */
public final class Check {
  private Check() {}

  /**
   * @return {@code value}
   * @throws IllegalArgumentException if {@code value} is outside {@code min} to {@code max} (both
   *     ends allowed) or NaN
   */
  public static double inRange(String name, double value, double min, double max) {
    if (!(value >= min && value <= max)) {
      throw new IllegalArgumentException(
          "%s must be between %s and %s but was %s".formatted(name, min, max, value));
    }
    return value;
  }

  /**
   * @return {@code value}
   * @throws IllegalArgumentException if {@code value} is not above zero, not finite or NaN
   */
  public static double positive(String name, double value) {
    if (!(value > 0 && value < Double.POSITIVE_INFINITY)) {
      throw new IllegalArgumentException("%s must be above 0 but was %s".formatted(name, value));
    }
    return value;
  }
}
