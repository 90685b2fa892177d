package app.islet.core.geometry;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Land;

/** The ground along the length of the vessel, the same over its width. */
final class SubstrateProfile {
  private SubstrateProfile() {}

  /** Height of the ground at x, its points and the slope of the land included. */
  static double heightCm(Enclosure e, double x) {
    double length = e.vessel().lengthCm();
    double plain = e.ground().depthCm();
    double ground = plain + e.ground().riseAt(x, length);
    if (e.land().isEmpty()) {
      return ground;
    }
    Land land = e.land().get();
    double foot = length * (1 - land.sharePercent() / 100);
    if (x < foot) {
      return ground;
    }
    double along = land.rampCm() == 0 ? 1 : Math.min(1, (x - foot) / land.rampCm());
    return Math.max(ground, plain + (land.heightCm() - plain) * along);
  }
}
