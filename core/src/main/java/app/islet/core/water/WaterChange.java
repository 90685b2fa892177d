package app.islet.core.water;

import app.islet.core.quantity.Check;
import app.islet.core.quantity.Steps;

/** Dilution by water changes of water. */
public final class WaterChange {
  private WaterChange() {}

  /**
   * Concentration after one water change.
   *
   * @param nowMgPerL before
   * @param tapMgPerL of the new water
   * @param percent share changed, 0 to 100
   */
  public static double afterMgPerL(double nowMgPerL, double tapMgPerL, double percent) {
    double share = Check.inRange("percent", percent, 0, 100) / 100;
    return nowMgPerL + (tapMgPerL - nowMgPerL) * share;
  }

  /** How many equal changes of how much. */
  public record Steps(int changes, double percentEach) {}

  /**
   * Fewest equal changes, each at most {@code maxPercent}, that bring {@code now} to {@code
   * target}.
   *
   * <p>Each change leaves the share {@code 1 - p} of the distance to the tap, so {@code n} leave
   * {@code (1 - p)^n}. Rounding is minded: 100 to 51.2 by 20 % is three steps, not four.
   *
   * @throws IllegalArgumentException if the target is at or below the tap's value, which no change
   *     can reach
   */
  public static Steps to(
      double nowMgPerL, double targetMgPerL, double tapMgPerL, double maxPercent) {
    if (nowMgPerL <= targetMgPerL) {
      return new Steps(0, 0);
    }
    if (!(targetMgPerL > tapMgPerL)) {
      throw new IllegalArgumentException(
          "targetMgPerL must be above tapMgPerL (%s mg/L), which water changes only approach, but was %s"
              .formatted(tapMgPerL, targetMgPerL));
    }
    double left = (targetMgPerL - tapMgPerL) / (nowMgPerL - tapMgPerL);
    double exact = maxPercent >= 100 ? 1 : Math.log(left) / Math.log1p(-maxPercent / 100);
    int changes = Math.max(1, (int) Math.ceil(exact - 1e-9));
    return new Steps(changes, 100 * -Math.expm1(Math.log(left) / changes));
  }

  /** What a rhythm of changes settles at: just before and just after one. */
  public record SteadyState(double beforeMgPerL, double afterMgPerL) {}

  /**
   * Steady state of equal changes in equal steps of time, the geometric series summed: what is
   * taken out each time is what has come in since.
   *
   * @param risePerDay mg/L a day
   * @param everyDays between changes; may be a fraction
   * @param percent share changed, above 0 to 100
   */
  public static SteadyState settles(
      double risePerDay, double everyDays, double tapMgPerL, double percent) {
    double share = Check.positive("percent", Check.inRange("percent", percent, 0, 100)) / 100;
    double rise = risePerDay * everyDays;
    return new SteadyState(tapMgPerL + rise / share, tapMgPerL + rise * (1 - share) / share);
  }
}
