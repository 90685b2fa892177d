package app.islet.core.water;

import app.islet.core.quantity.Check;

/**
 * Dissolved oxygen of water in equilibrium with moist air.
 *
 * @see "Benson, B. B. and Krause, D. (1984), Limnol. Oceanogr. 29(3), 620-632, as used for the USGS
 *     tables of dissolved oxygen"
 */
public final class OxygenSaturation {
  public static final double SEA_LEVEL_HPA = 1013.25;

  private OxygenSaturation() {}

  /**
   * At {@link #SEA_LEVEL_HPA}.
   *
   * @param waterC water temperature, °C, -1.8 to 40; the paper's own range begins at 0
   * @param salinityPpt salinity, g/kg, 0 to 45; the paper's own range ends at 40
   * @return mg/L
   * @throws IllegalArgumentException if either is outside its range or NaN
   */
  public static double mgPerL(double waterC, double salinityPpt) {
    double k = Check.inRange("waterC", waterC, -1.8, 40) + 273.15;
    double s = Check.inRange("salinityPpt", salinityPpt, 0, 45);
    return Math.exp(
        -139.34411
            + 1.575701e5 / k
            - 6.642308e7 / (k * k)
            + 1.243800e10 / (k * k * k)
            - 8.621949e11 / (k * k * k * k)
            - s * (1.7674e-2 - 10.754 / k + 2140.7 / (k * k)));
  }

  /**
   * At any pressure of the air: less oxygen up a mountain.
   *
   * @param pressureHpa of the air where the water stands, not reduced to the sea; 500 to 1100
   * @return mg/L
   * @throws IllegalArgumentException if any is outside its range or NaN
   */
  public static double mgPerL(double waterC, double salinityPpt, double pressureHpa) {
    double p = Check.inRange("pressureHpa", pressureHpa, 500, 1100) / SEA_LEVEL_HPA;
    double atOne = mgPerL(waterC, salinityPpt);
    double k = waterC + 273.15;
    double vapour = Math.exp(11.8571 - 3840.70 / k - 216961 / (k * k));
    double theta = 9.75e-4 - 1.426e-5 * waterC + 6.436e-8 * waterC * waterC;
    return atOne * (p - vapour) * (1 - theta * p) / ((1 - vapour) * (1 - theta));
  }
}
