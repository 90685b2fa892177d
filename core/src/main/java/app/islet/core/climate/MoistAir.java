package app.islet.core.climate;

import app.islet.core.quantity.Check;

/** Water vapour in air at ordinary pressure. */
public final class MoistAir {
  /** Psychrometric constant at 1013.25 hPa and room temperature, kPa/K; from memory. */
  static final double PSYCHROMETRIC_KPA_PER_K = 0.0665;

  private MoistAir() {}

  /**
   * Saturation vapour pressure over water.
   *
   * @param tempC -45 to 60 °C; published for -20 to 50
   * @return kPa
   * @see "Buck, A. L. (1981), J. Appl. Meteorol. 20, 1527-1532, equation ew1: 6.1121 exp(17.502 T /
   *     (240.97 + T)) hPa"
   */
  public static double saturationKpa(double tempC) {
    double t = Check.inRange("tempC", tempC, -45, 60);
    return 0.61121 * Math.exp(17.502 * t / (240.97 + t));
  }

  /** How the saturation pressure rises at {@code tempC}, where it is {@code kpa}; kPa/K. */
  static double saturationSlope(double tempC, double kpa) {
    double below = 240.97 + tempC;
    return kpa * 17.502 * 240.97 / (below * below);
  }

  /**
   * Heat of evaporation of water.
   *
   * @param tempC temperature of the water, °C
   * @return kJ/kg; linear, 2500.8 at 0 °C and 2441.5 at 25 °C as in steam tables
   */
  public static double latentKjPerKg(double tempC) {
    return 2500.8 - 2.372 * tempC;
  }
}
