package app.islet.web.base.drawing;

import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.FurnishingKind;

/** Heater and filter that nobody drew a place for, and the guard of a heater. */
final class SectionDevices extends SectionLayer {
  SectionDevices(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    if (!geometry.hasWater()) {
      return;
    }
    drawGuards();
    double below = y(geometry.lineCm()) + 10;
    double bottom = y(enclosure.ground().depthCm()) - 6;
    double tall = Math.min(64, bottom - below);
    if (tall < 8) {
      return;
    }
    if (isPlaceless(Equipment.Heater.class, FurnishingKind.HEATER)) {
      svg.empty(
          "rect",
          "class",
          "s-heater",
          "data-thing",
          "heater",
          "x",
          x(0) + 16,
          "y",
          below,
          "width",
          8,
          "height",
          tall,
          "rx",
          3);
      guard(x(0) + 16, below, 8, tall);
    }
    if (isPlaceless(Equipment.Filter.class, FurnishingKind.FILTER)) {
      svg.empty(
          "rect",
          "class",
          "s-filter",
          "data-thing",
          "filter",
          "x",
          x(0) + 36,
          "y",
          below,
          "width",
          18,
          "height",
          tall,
          "rx",
          4);
    }
  }

  /** Around the heaters that were set down. */
  private void drawGuards() {
    enclosure.furnishings().parts().stream()
        .filter(part -> part.kind() == FurnishingKind.HEATER)
        .forEach(
            part ->
                guard(
                    x(part.leftCm()),
                    y(part.topCm()),
                    part.spanX() * scale,
                    (part.topCm() - part.bottomCm()) * scale));
  }

  private void guard(double left, double top, double wide, double tall) {
    if (enclosure.has(Equipment.Heater.class)
        && enclosure.all(Equipment.Heater.class).allMatch(Equipment.Heater::guarded)) {
      svg.empty(
          "rect", "class", "s-guard", "x", left - 4, "y", top - 4, "width", wide + 8, "height",
          tall + 8, "rx", 4);
    }
  }
}
