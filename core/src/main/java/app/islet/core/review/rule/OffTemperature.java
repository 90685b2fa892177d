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
        : Optional.of(grave(tempC > t.harmC().max(), tempC > t.toleratedC().max()));
  }

  /** None down to the cold end of the ideal. */
  static Optional<Severity> tooCold(Needs.Temperature t, double tempC) {
    return tempC >= t.idealC().min() - UNSEEN_K
        ? Optional.empty()
        : Optional.of(grave(tempC < t.harmC().min(), tempC < t.toleratedC().min()));
  }

  private static Severity grave(boolean harms, boolean notTolerated) {
    return harms ? Severity.DANGER : notTolerated ? Severity.WRONG : Severity.WATCH;
  }
}
