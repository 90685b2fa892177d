package app.islet.core.review.rule;

import app.islet.core.geometry.Geometry;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import java.util.Optional;

/**
 * Land that lies about as high as the water stands. A line falls by evaporation and rises by a
 * top-up or a turtle that climbs in, by about a centimetre; common practice, no source.
 */
final class Awash {
  private static final double LINE_CM = 1;

  private Awash() {}

  /** Nothing where the land stands clear of the water, or there is none of either. */
  static Optional<Severity> of(HusbandryState s) {
    Geometry g = s.geometry();
    if (s.enclosure().land().isEmpty()
        || s.enclosure().water().depthCm() == 0
        || g.landAboveLineCm() >= LINE_CM) {
      return Optional.empty();
    }
    return Optional.of(
        g.landAboveLineCm() >= 0
            ? Severity.WATCH
            : g.landAboveLineCm() > -LINE_CM ? Severity.WRONG : Severity.DANGER);
  }
}
