package app.islet.core.water;

import app.islet.core.quantity.Check;

/**
 * Density of sea water at one atmosphere: the equation of state of 1980 (EOS-80).
 *
 * <p>Fofonoff and Millard 1983, Algorithms for computation of fundamental properties of seawater,
 * UNESCO technical papers in marine science 44; coefficients typed from memory and checked against
 * the paper's check values.
 */
public final class SeaWater {
  private SeaWater() {}

  /**
   * @param tempC -1.8 to 40 °C
   * @param salinityPpt 0 to 45
   */
  public static double densityKgPerM3(double tempC, double salinityPpt) {
    double t = Check.inRange("tempC", tempC, -1.8, 40);
    double s = Check.inRange("salinityPpt", salinityPpt, 0, 45);
    double pure =
        999.842594
            + t
                * (6.793952e-2
                    + t
                        * (-9.095290e-3
                            + t * (1.001685e-4 + t * (-1.120083e-6 + t * 6.536332e-9))));
    double a = 8.24493e-1 + t * (-4.0899e-3 + t * (7.6438e-5 + t * (-8.2467e-7 + t * 5.3875e-9)));
    double b = -5.72466e-3 + t * (1.0227e-4 - t * 1.6546e-6);
    double c = 4.8314e-4;
    return pure + s * (a + b * Math.sqrt(s) + c * s);
  }
}
