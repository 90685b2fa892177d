package app.islet.core.enclosure;

import app.islet.core.enclosure.FreePlaces.Box;
import java.util.Comparator;
import java.util.Optional;

/** Where animals come out of the water: what a ramp leads to and a lamp hangs over. */
final class Rests {
  private Rests() {}

  /** The largest part to rest on, else the basking platform, else the level land. */
  static Optional<Box> place(Enclosure e) {
    return part(e).or(() -> platform(e)).or(() -> e.land().map(land -> land(e, land)));
  }

  /** The same, but not the basking platform, which brings its own ramp. */
  static Optional<Box> withoutRamp(Enclosure e) {
    return part(e).or(() -> e.land().map(land -> land(e, land)));
  }

  private static Optional<Box> part(Enclosure e) {
    return e.furnishings().parts().stream()
        .filter(Rests::isRest)
        .map(p -> new Box(p.leftCm(), p.backCm(), p.spanX(), p.spanY()))
        .max(Comparator.comparingDouble(box -> box.length() * box.width()));
  }

  private static boolean isRest(Furnishing part) {
    return switch (part.kind()) {
      case FLOAT, SHELF, BASKING_BOX -> true;
      default -> false;
    };
  }

  /** It floats at the right end of the water, in the middle of the width. */
  private static Optional<Box> platform(Enclosure e) {
    double foot = e.vessel().lengthCm() * (1 - e.land().map(Land::sharePercent).orElse(0.0) / 100);
    return e.platform()
        .map(
            p ->
                new Box(
                    Math.max(0, foot - p.lengthCm()),
                    Math.max(0, (e.vessel().widthCm() - p.widthCm()) / 2),
                    p.lengthCm(),
                    p.widthCm()));
  }

  private static Box land(Enclosure e, Land land) {
    double length = e.vessel().lengthCm() * land.sharePercent() / 100;
    double level = Math.max(1, length - land.rampCm());
    return new Box(e.vessel().lengthCm() - level, 0, level, e.vessel().widthCm());
  }
}
