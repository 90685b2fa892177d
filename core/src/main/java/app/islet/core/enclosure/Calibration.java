package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Check;
import app.islet.core.quantity.Dimension;

/**
 * What the keeper's own thermometer says of an estimate: how many times as much heat passes, and
 * how many times as much water evaporates, as was estimated. 1 where nobody measured.
 */
public record Calibration(
    @Stored(usual = "1")
        @Between(of = Dimension.RATIO, min = Calibration.MIN, max = Calibration.MAX, unit = "times")
        double lossFactor,
    @Stored(usual = "1")
        @Between(of = Dimension.RATIO, min = Calibration.MIN, max = Calibration.MAX, unit = "times")
        double evaporationFactor) {
  public static final double MIN = 0.2;
  public static final double MAX = 5;

  /** As estimated. */
  public static final Calibration NONE = new Calibration(1, 1);

  public Calibration {
    Check.inRange("lossFactor", lossFactor, MIN, MAX);
    Check.inRange("evaporationFactor", evaporationFactor, MIN, MAX);
  }
}
