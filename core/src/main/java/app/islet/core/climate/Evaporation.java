package app.islet.core.climate;

/**
 * Evaporation from still or fanned water.
 *
 * @see "ASHRAE Handbook, HVAC Applications, chapter on natatoriums: W = Fa A (pw - pa)(0.089 +
 *     0.0782 V) / Y"
 */
public final class Evaporation {
  /** Activity factor of a quiet private pool in the same chapter. */
  public static final double QUIET = 0.5;

  private Evaporation() {}

  /**
   * Water lost, kg/s; negative where moisture condenses.
   *
   * @param areaM2 open surface
   * @param airSpeedMs speed of the air over it
   * @param activity 0.5 for a quiet surface
   */
  public static double kgPerS(
      double waterC,
      double airC,
      double rhPercent,
      double areaM2,
      double airSpeedMs,
      double activity) {
    double drive = MoistAir.saturationKpa(waterC) - rhPercent / 100 * MoistAir.saturationKpa(airC);
    return activity * areaM2 * drive * transfer(airSpeedMs) / MoistAir.latentKjPerKg(waterC);
  }

  /**
   * Heat carried off by evaporation, W, for each kPa of vapour pressure difference and m² of
   * surface, times 1/1000.
   */
  static double transfer(double airSpeedMs) {
    return 0.089 + 0.0782 * airSpeedMs;
  }
}
