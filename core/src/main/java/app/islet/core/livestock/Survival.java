package app.islet.core.livestock;

import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * How many of those begun are left, in per cent, with the exact limits of so few (Clopper and
 * Pearson 1934, Biometrika 26, 404-413).
 */
public record Survival(double percent, double lowPercent, double highPercent) {
  /**
   * @param left of {@code begun}, 0 to all of them
   * @param confidencePercent 0 to 100
   */
  public static Survival of(int begun, int left, double confidencePercent) {
    if (begun < 1 || left < 0 || left > begun) {
      throw new IllegalArgumentException("%d of %d cannot be left".formatted(left, begun));
    }
    double tail = (1 - confidencePercent / 100) / 2;
    double low = left == 0 ? 0 : limit(left, begun - left + 1, tail);
    double high = left == begun ? 1 : limit(left + 1, begun - left, 1 - tail);
    return new Survival(100.0 * left / begun, 100 * low, 100 * high);
  }

  private static double limit(int a, int b, double share) {
    return new BetaDistribution(a, b).inverseCumulativeProbability(share);
  }
}
