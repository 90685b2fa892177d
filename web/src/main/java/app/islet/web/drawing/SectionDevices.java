package app.islet.web.drawing;

import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.FurnishingKind;

/** Heater and filter that nobody drew a place for. */
final class SectionDevices extends SectionLayer {
  SectionDevices(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    if (!geometry.hasWater()) {
      return;
    }
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
      if (enclosure.all(Equipment.Heater.class).allMatch(Equipment.Heater::guarded)) {
        svg.empty(
            "rect", "class", "s-guard", "x", x(0) + 12, "y", below - 4, "width", 16, "height",
            tall + 8, "rx", 4);
      }
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
}
