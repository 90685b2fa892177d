package app.islet.core.review.rule;

import app.islet.core.quantity.Range;
import app.islet.core.review.Severity;
import java.util.Optional;

/**
 * How grave the surface is that a turtle basks on; common practice, no source: they commonly bask
 * at 32 to 38 °C, and burn on a surface over 45 °C.
 */
final class BaskingHeat {
  static final double BURNS_C = 45;
  static final double TOO_HOT_C = 40;

  /** So much below the range it does not get warm at all, K. */
  private static final double COLD_K = 5;

  private BaskingHeat() {}

  /** None within the range. */
  static Optional<Severity> of(double surfaceC, Range wantedC) {
    if (wantedC.contains(surfaceC)) {
      return Optional.empty();
    }
    if (surfaceC < wantedC.min()) {
      return Optional.of(surfaceC < wantedC.min() - COLD_K ? Severity.WRONG : Severity.WATCH);
    }
    return Optional.of(
        surfaceC > BURNS_C
            ? Severity.DANGER
            : surfaceC > TOO_HOT_C ? Severity.WRONG : Severity.WATCH);
  }

  static String why(double surfaceC, Range wantedC) {
    if (surfaceC < wantedC.min()) {
      return "It basks for hours without getting warm.";
    }
    return surfaceC > BURNS_C
        ? "Shell and skin burn before the animal moves away."
        : "It cuts its basking short, and dries and warms less than it should.";
  }
}
