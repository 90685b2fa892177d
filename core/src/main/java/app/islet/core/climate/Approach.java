package app.islet.core.climate;

import app.islet.core.quantity.Check;

/**
 * Water that a device warms or cools while the room pulls the other way: rho c V dT/dt = UA (room -
 * T) + P. The answer of that equation is an exponential approach to {@code limitC}.
 *
 * @param volumeL water, at 1 kg/L and 4186 J/kgK
 * @param roomC air round it
 * @param uaWPerK heat that passes for each kelvin of difference; above 0
 * @param powerW of the device; negative where it cools
 */
public record Approach(double volumeL, double roomC, double uaWPerK, double powerW) {
  private static final double J_PER_LK = 4186;
  private static final double SECONDS_PER_HOUR = 3600;

  public Approach {
    Check.positive("volumeL", volumeL);
    Check.positive("uaWPerK", uaWPerK);
  }

  /** Where it ends in the long run, °C. */
  public double limitC() {
    return roomC + powerW / uaWPerK;
  }

  /** Hours in which the difference to the limit falls to 1/e. */
  public double timeConstantHours() {
    return volumeL * J_PER_LK / uaWPerK / SECONDS_PER_HOUR;
  }

  public double afterHours(double fromC, double hours) {
    return limitC() + (fromC - limitC()) * Math.exp(-hours / timeConstantHours());
  }

  /** Whether water of {@code fromC} comes to {@code toC} at all. */
  public boolean reaches(double fromC, double toC) {
    return fromC == toC || (toC - fromC) * (limitC() - toC) > 0;
  }

  /**
   * @throws IllegalArgumentException if it never gets there; ask {@link #reaches} before
   */
  public double hours(double fromC, double toC) {
    if (!reaches(fromC, toC)) {
      throw new IllegalArgumentException(
          "water of %s °C never reaches %s °C; it ends at %s °C".formatted(fromC, toC, limitC()));
    }
    return fromC == toC ? 0 : timeConstantHours() * Math.log((fromC - limitC()) / (toC - limitC()));
  }
}
