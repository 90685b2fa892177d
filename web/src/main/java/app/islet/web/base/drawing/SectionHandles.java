package app.islet.web.base.drawing;

import app.islet.core.enclosure.Substrate;
import java.util.List;

/** What the water line and the points of the substrate are taken by. */
final class SectionHandles extends SectionLayer {
  SectionHandles(SectionSheet sheet) {
    super(sheet);
  }

  /** What the water line and the points of the ground are taken by. */
  @Override
  void draw() {
    if (enclosure.water().depthCm() > 0) {
      svg.empty(
          "circle",
          "class",
          "s-handle",
          "cx",
          x(0) - 14,
          "cy",
          y(geometry.lineCm()),
          "r",
          9,
          "data-drag",
          "depth");
    }
    List<Substrate.Point> points = enclosure.ground().points();
    for (int n = 0; n < points.size(); n++) {
      svg.empty(
          "circle",
          "class",
          "s-handle s-point",
          "cx",
          x(points.get(n).xCm()),
          "cy",
          y(enclosure.ground().depthCm() + points.get(n).riseCm()),
          "r",
          8,
          "data-drag",
          "g" + n);
    }
  }
}
