package app.islet.core.livestock;

import org.hipparchus.distribution.continuous.ChiSquaredDistribution;

/**
 * Cases for each month an animal was there to have one, with the exact limits of so few (Garwood
 * 1936, Biometrika 28, 437-442): 6 cases in 6 months against none in 6 read as what they are.
 */
public record IncidentRate(double perAnimalMonth, double low, double high) {
  /**
   * @param animalMonths months times animals, above 0
   * @param confidencePercent from 0, below 100
   */
  public static IncidentRate of(int cases, double animalMonths, double confidencePercent) {
    if (cases < 0 || !(animalMonths > 0) || !(confidencePercent < 100)) {
      throw new IllegalArgumentException("no rate of %d in %s".formatted(cases, animalMonths));
    }
    double tail = (1 - confidencePercent / 100) / 2;
    double low = cases == 0 ? 0 : chiSquared(2.0 * cases, tail) / 2;
    double high = chiSquared(2.0 * cases + 2, 1 - tail) / 2;
    return new IncidentRate(cases / animalMonths, low / animalMonths, high / animalMonths);
  }

  private static double chiSquared(double freedom, double share) {
    return new ChiSquaredDistribution(freedom).inverseCumulativeProbability(share);
  }
}
