package app.islet.core.water;

import app.islet.core.quantity.Check;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * What a hydrometer says: a glass marked for one temperature, floated in water of another.
 *
 * <p>The reading is the density of the sample at its own temperature over that of pure water at the
 * temperature the glass is marked for; what the glass itself expands is left out, about a tenth of
 * a g/kg for ten degrees.
 */
public final class Hydrometer {
  /** Salt that EOS-80 is asked for at most, g/kg. */
  public static final double MAX_PPT = 45;

  private static final double TOLERANCE_PPT = 1e-10;
  private static final int MAX_ROUNDS = 100;

  private Hydrometer() {}

  /**
   * What it shows in water of {@code salinityPpt}.
   *
   * @param salinityPpt 0 to 45 g/kg
   * @param tempC of the sample, -1.8 to 40 °C
   * @param calibrationC the glass is marked for, -1.8 to 40 °C
   */
  public static double reading(double salinityPpt, double tempC, double calibrationC) {
    return SeaWater.densityKgPerM3(tempC, salinityPpt) / SeaWater.densityKgPerM3(calibrationC, 0);
  }

  /**
   * Salt of the sample, g/kg; a reading below fresh water is 0.
   *
   * @param reading at most that of 45 g/kg
   * @throws IllegalArgumentException if the water would hold more than that
   */
  public static double salinityPpt(double reading, double tempC, double calibrationC) {
    Check.inRange("reading", reading, 0, reading(MAX_PPT, tempC, calibrationC));
    if (reading <= reading(0, tempC, calibrationC)) {
      return 0;
    }
    return new BracketingNthOrderBrentSolver(TOLERANCE_PPT, 5)
        .solve(MAX_ROUNDS, ppt -> reading(ppt, tempC, calibrationC) - reading, 0, MAX_PPT);
  }
}
