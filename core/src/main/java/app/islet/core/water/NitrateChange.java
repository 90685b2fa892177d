package app.islet.core.water;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Nitrate above what is aimed at, and the changes that bring it back, whatever the rhythm says.
 *
 * @param nowMgPerL by the newest test, as nitrogen
 * @param days in a row on which so much is changed; 0 where the tap water brings as much
 */
public record NitrateChange(double nowMgPerL, double targetMgPerL, double percent, int days) {
  /** A test older than this says nothing of today; common practice, no source. */
  private static final int FRESH_DAYS = 14;

  /** A colour card is off by a fifth. */
  private static final double CARD = 1.2;

  public static Optional<NitrateChange> of(WaterState waterState, LocalDate today) {
    Optional<ChangePlan> plan = waterState.changes(today);
    OptionalDouble newest = waterState.record().newest(Parameter.NITRATE, today, FRESH_DAYS);
    if (plan.isEmpty() || newest.isEmpty()) {
      return Optional.empty();
    }
    double now = newest.getAsDouble();
    double target = plan.get().targetMgPerL();
    if (now <= CARD * target) {
      return Optional.empty();
    }
    double tap = waterState.tapNitrate();
    if (target <= tap) {
      return Optional.of(new NitrateChange(now, target, 0, 0));
    }
    WaterChange.Steps steps = WaterChange.to(now, target, tap, ChangePlan.LARGEST_PERCENT);
    return Optional.of(new NitrateChange(now, target, steps.percentEach(), steps.changes()));
  }
}
