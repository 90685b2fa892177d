package app.islet.core.review.rule;

import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Change;
import app.islet.core.situation.HusbandryState;

/** Cooling power, found by asking the climate again with more of it. */
final class ChillerSizes {
  private static final double STEP_W = 10;
  private static final double MAX_W = 5000;

  private ChillerSizes() {}

  /**
   * The least power, in steps of 10 W, that holds the water at {@code maxC} in the warmest hour;
   * the largest tried where none does.
   */
  static double toHold(HusbandryState s, double maxC) {
    double watts = STEP_W;
    while (watts < MAX_W && summerC(s, watts) > maxC + 0.05) {
      watts += Math.max(STEP_W, Math.floor(watts / 40) * STEP_W);
    }
    return watts;
  }

  private static double summerC(HusbandryState s, double watts) {
    return Climate.of(
            s.enclosure().with(new Change("/equipment/chiller/coolingW", watts)),
            s.geometry(),
            s.residents())
        .water()
        .orElseThrow()
        .summerC();
  }
}
