package app.islet.core.review.rule;

import app.islet.core.care.Needs;
import app.islet.core.review.Severity;
import java.util.Optional;

/** How grave a temperature beyond what an animal should have is. */
final class OffTemperature {
  /** No estimate and no thermometer of a keeper is finer, K. */
  private static final double UNSEEN_K = 0.5;

  private OffTemperature() {}

  /** None up to the warm end of the ideal. */
  static Optional<Severity> tooWarm(Needs.Temperature t, double tempC) {
    return tempC <= t.idealC().max() + UNSEEN_K
        ? Optional.empty()
        : Optional.of(
            grave(tempC - t.idealC().max(), tempC - t.toleratedC().max(), tempC - t.harmC().max()));
  }

  /** None down to the cold end of the ideal. */
  static Optional<Severity> tooCold(Needs.Temperature t, double tempC) {
    return tempC >= t.idealC().min() - UNSEEN_K
        ? Optional.empty()
        : Optional.of(
            grave(t.idealC().min() - tempC, t.toleratedC().min() - tempC, t.harmC().min() - tempC));
  }

  /** Where a sheet has two ranges in one, there is a grade between them all the same. */
  private static Severity grave(double pastIdealK, double pastToleratedK, double pastHarmK) {
    if (pastHarmK > 0 && pastToleratedK > UNSEEN_K && pastIdealK > 3 * UNSEEN_K) {
      return Severity.DANGER;
    }
    return pastToleratedK > 0 && pastIdealK > 2 * UNSEEN_K ? Severity.WRONG : Severity.WATCH;
  }
}
