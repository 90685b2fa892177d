package app.islet.core.rearing;

/**
 * Lengths of the smallest and the largest in a tub; the same where there is one.
 *
 * @param smallestCm above 0
 * @param largestCm not less
 */
public record Sizes(double smallestCm, double largestCm) {
  public Sizes {
    if (!(smallestCm > 0 && largestCm >= smallestCm)) {
      throw new IllegalArgumentException(
          "the smallest is %s cm and the largest %s cm".formatted(smallestCm, largestCm));
    }
  }

  /** Of two tubs as of one. */
  public Sizes with(Sizes other) {
    return new Sizes(Math.min(smallestCm, other.smallestCm), Math.max(largestCm, other.largestCm));
  }
}
