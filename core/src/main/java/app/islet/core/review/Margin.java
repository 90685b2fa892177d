package app.islet.core.review;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import java.util.Optional;
import java.util.function.DoublePredicate;

/**
 * How far a number may miss what is asked for before that counts: the one table of all rules.
 *
 * <p>A number of a care sheet is no cliff. What misses it by less than the margin is just short,
 * and watched; what misses it by more is wrong; only what misses it by more than twice the margin
 * can be a danger. So no change that is smaller than what a keeper can type or measure makes a
 * finding two grades worse. The margin is the larger of what a number is rounded to and of what the
 * need is sure to. The table is an assumption of ours; common practice, no source.
 */
public final class Margin {
  /** Of a length up to so much a difference of 0.1 in shows, cm; beyond it 1 cm. */
  private static final double SMALL_CM = 5;

  private static final double TENTH_OF_AN_INCH_CM = 0.3;
  private static final double DEPTH_CM = 1;
  private static final double TEMPERATURE_K = 0.5;

  /** A slope is built no nearer. */
  private static final double ANGLE_DEG = 3;

  private static final double HUMIDITY_POINTS = 5;
  private static final double SALINITY_PPT = 1;
  private static final double SALINITY_SHARE = 0.1;

  private Margin() {}

  /** The share of a need that its basis leaves open. */
  public static double share(Evidence basis) {
    return switch (basis.kind()) {
      case PUBLISHED, KEEPER, MEASURED -> 0.05;
      case PRACTICE -> 0.1;
      case MEMORY -> 0.2;
    };
  }

  /**
   * In the SI unit of the dimension.
   *
   * @param need what is asked for
   */
  public static double of(double need, Dimension dimension, Evidence basis) {
    return switch (dimension) {
      case TEMPERATURE -> TEMPERATURE_K;
      case ANGLE -> ANGLE_DEG;
      case PERCENT -> HUMIDITY_POINTS;
      case SALINITY -> Math.max(SALINITY_PPT, SALINITY_SHARE * need);
      case LENGTH ->
          Math.max(need < SMALL_CM ? TENTH_OF_AN_INCH_CM : DEPTH_CM, share(basis) * need);
      default -> share(basis) * need;
    };
  }

  /**
   * How grave it is to have less than is needed; nothing where there is enough.
   *
   * @param worst how grave it is far below
   */
  public static Optional<Severity> below(
      double is, double least, Dimension dimension, Evidence basis, Severity worst) {
    return grade(least - is, of(least, dimension, basis), worst);
  }

  /** How grave it is to have more than it stands; nothing up to that. */
  public static Optional<Severity> above(
      double is, double most, Dimension dimension, Evidence basis, Severity worst) {
    return grade(is - most, of(most, dimension, basis), worst);
  }

  private static Optional<Severity> grade(double missing, double margin, Severity worst) {
    if (missing <= 1e-9) {
      return Optional.empty();
    }
    return Optional.of(
        missing <= margin
            ? Severity.WATCH
            : missing <= 2 * margin ? milder(Severity.WRONG, worst) : worst);
  }

  /**
   * How grave it is that a number is not well, by how far off the nearest is that is.
   *
   * @param well what is asked of the number
   */
  public static Severity near(double is, double margin, DoublePredicate well, Severity worst) {
    if (well.test(is - margin) || well.test(is + margin)) {
      return Severity.WATCH;
    }
    return well.test(is - 2 * margin) || well.test(is + 2 * margin)
        ? milder(Severity.WRONG, worst)
        : worst;
  }

  /** Of two, the one that is less grave. */
  public static Severity milder(Severity a, Severity b) {
    return a.compareTo(b) >= 0 ? a : b;
  }

  /** Of two, the one that is graver. */
  public static Severity graver(Severity a, Severity b) {
    return a.compareTo(b) <= 0 ? a : b;
  }
}
