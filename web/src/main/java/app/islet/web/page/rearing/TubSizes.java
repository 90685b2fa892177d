package app.islet.web.page.rearing;

import app.islet.core.rearing.Housing;
import app.islet.web.store.rearing.TubRecord;

/** Tubs a keeper has in the cupboard, filled for the young of a guide. */
final class TubSizes {
  private static final double CM3_PER_L = 1000;

  private TubSizes() {}

  /**
   * Kitchen boxes for one, a floating box for several, a low tank for many.
   *
   * @param animals for which there must be water
   */
  static TubRecord.TubSize usual(Housing housing, int animals) {
    return switch (housing.kind()) {
      case SINGLY -> filled(18, 12, housing.litresEach() * animals, 12);
      case BOXES -> filled(20, 13, housing.litresEach() * housing.most(), 14);
      case TOGETHER -> filled(60, 40, housing.litresEach() * animals, 20);
    };
  }

  private static TubRecord.TubSize filled(
      double lengthCm, double widthCm, double litres, double mostCm) {
    double depth = Math.min(mostCm, litres * CM3_PER_L / (lengthCm * widthCm));
    return new TubRecord.TubSize(lengthCm, widthCm, Math.ceil(10 * Math.max(1, depth)) / 10.0);
  }
}
