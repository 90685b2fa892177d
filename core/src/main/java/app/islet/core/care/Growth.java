package app.islet.core.care;

import java.util.OptionalDouble;

/**
 * Expected growth: length nears {@code asymptoteCm}, closing the share {@code 1 - exp(-perYear)} of
 * the gap each year.
 *
 * <p>It is an average; animals differ by a factor of two and more with temperature and food.
 *
 * @see "von Bertalanffy, L. (1938), Human Biology 10(2), 181-213"
 */
public record Growth(double asymptoteCm, double perYear, Evidence basis) {
  private static final double DAYS_PER_YEAR = 365.25;

  /** Length after {@code days}, cm; an animal already longer than the asymptote stays as it is. */
  public double lengthCm(double nowCm, double days) {
    return nowCm >= asymptoteCm
        ? nowCm
        : asymptoteCm - (asymptoteCm - nowCm) * Math.exp(-perYear * days / DAYS_PER_YEAR);
  }

  /** Days until {@code targetCm}; nothing where growth ends before it. */
  public OptionalDouble daysUntil(double nowCm, double targetCm) {
    if (targetCm <= nowCm) {
      return OptionalDouble.of(0);
    }
    return targetCm >= asymptoteCm
        ? OptionalDouble.empty()
        : OptionalDouble.of(
            Math.log((asymptoteCm - nowCm) / (asymptoteCm - targetCm)) / perYear * DAYS_PER_YEAR);
  }
}
