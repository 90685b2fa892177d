package app.islet.web.base.drawing;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;

/**
 * Where the working drawings lie on their sheet: section and plan share the scale and the left end.
 */
record Board(double scale, double width, double left, double top) {
  private static final double MAX_WIDE = 880;

  /** Narrower there is no room for the words. */
  private static final double MIN_WIDE = 380;

  private static final double MARGIN = 84;
  private static final double TOP = 62;
  static final double BOTTOM = 54;

  /** Section and plan together, so that both are seen at once on an ordinary screen. */
  private static final double HEIGHT = 596;

  /** Around the plan, over and under it. */
  private static final double PLAN_EDGES = 44;

  static Board of(Enclosure e) {
    double high = highestCm(e);
    double scale =
        Math.min(
            (MAX_WIDE - 2 * MARGIN) / e.vessel().lengthCm(),
            (HEIGHT - TOP - BOTTOM - PLAN_EDGES) / (high + e.vessel().widthCm()));
    double over = high - e.vessel().heightCm();
    double inside = e.vessel().lengthCm() * scale;
    double width = Math.max(MIN_WIDE, inside + 2 * MARGIN);
    return new Board(scale, width, (width - inside) / 2, TOP + over * scale);
  }

  /** What stands or hangs over the rim needs room above it. */
  private static double highestCm(Enclosure e) {
    return Math.max(
        e.vessel().heightCm(),
        e.furnishings().parts().stream().mapToDouble(Furnishing::topCm).max().orElse(0));
  }
}
