package app.islet.core.climate;

import app.islet.core.quantity.Check;

/**
 * Thermodynamic wet-bulb temperature at 1013.25 hPa: the coldest that evaporation alone can make
 * water in that air.
 *
 * <p>The balance of adiabatic saturation, with enthalpies as in the ASHRAE Handbook, Fundamentals,
 * chapter 1 (psychrometrics), equation 33. Humidity counts over liquid water below freezing too, as
 * the weather services count it, and the wet surface is taken as not frozen.
 */
public final class WetBulb {
  private static final double PRESSURE_KPA = 101.325;

  /** Mass of a mole of water over that of a mole of dry air. */
  private static final double MOLAR_RATIO = 0.621945;

  private static final double TOLERANCE_K = 1e-9;

  private WetBulb() {}

  /**
   * @param airC -20 to 50 °C
   * @param rhPercent relative humidity, 0 to 100 %
   */
  public static double celsius(double airC, double rhPercent) {
    double air = Check.inRange("airC", airC, -20, 50);
    double share = Check.inRange("rhPercent", rhPercent, 0, 100) / 100;
    double holds = humidityRatio(share * MoistAir.saturationKpa(air));
    double low = -40;
    double high = air;
    while (high - low > TOLERANCE_K) {
      double middle = (low + high) / 2;
      if (ratioAt(air, middle) < holds) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return (low + high) / 2;
  }

  /** Water in air of {@code airC} whose wet bulb is {@code wetC}, kg for each kg of dry air. */
  private static double ratioAt(double airC, double wetC) {
    double saturated = humidityRatio(MoistAir.saturationKpa(wetC));
    return ((2501 - 2.326 * wetC) * saturated - 1.006 * (airC - wetC))
        / (2501 + 1.86 * airC - 4.186 * wetC);
  }

  private static double humidityRatio(double vapourKpa) {
    return MOLAR_RATIO * vapourKpa / (PRESSURE_KPA - vapourKpa);
  }
}
