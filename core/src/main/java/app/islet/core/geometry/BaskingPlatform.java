package app.islet.core.geometry;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Platform;
import java.util.List;

/** The basking platform of a design, in its place. */
public final class BaskingPlatform {
  /** The ramp of a basking platform: its run, and how deep it begins; common practice. */
  private static final double RAMP_CM = 12;

  private static final double RAMP_BELOW_CM = 3;

  private BaskingPlatform() {}

  /**
   * The basking platform as parts: it floats at the right end of the water, in the middle of the
   * width, a ramp before it. Nothing where there is none.
   */
  public static List<Furnishing> parts(Enclosure e) {
    if (e.platform().isEmpty()) {
      return List.of();
    }
    Platform platform = e.platform().get();
    double line = e.waterLineCm();
    double length = Math.min(platform.lengthCm(), e.vessel().lengthCm());
    double x = Math.max(0, shoreX(e, line) - length);
    double y = Math.max(0, (e.vessel().widthCm() - platform.widthCm()) / 2);
    Furnishing top =
        new Furnishing(
            "platform",
            FurnishingKind.FLOAT,
            x,
            y,
            length,
            platform.widthCm(),
            0,
            Geometry.PLATFORM_ABOVE_LINE_CM,
            false,
            false,
            true);
    if (x < 1) {
      return List.of(top);
    }
    double run = Math.min(RAMP_CM, x);
    Furnishing ramp =
        new Furnishing(
            "platform-ramp",
            FurnishingKind.RAMP,
            x - run,
            y,
            run,
            platform.widthCm(),
            Math.max(0, line - RAMP_BELOW_CM),
            line + Geometry.PLATFORM_ABOVE_LINE_CM,
            false,
            false,
            true);
    return List.of(top, ramp);
  }

  /** Where the ground leaves the water, cm from the left. */
  private static double shoreX(Enclosure e, double lineCm) {
    double step = e.vessel().lengthCm() / 400;
    for (double x = step / 2; x < e.vessel().lengthCm(); x += step) {
      if (SubstrateProfile.heightCm(e, x) >= lineCm) {
        return x;
      }
    }
    return e.vessel().lengthCm();
  }
}
