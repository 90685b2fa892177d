package app.islet.web.base.drawing;

import app.islet.core.geometry.Grid.Stretch;
import java.util.List;

/** The surface, wherever it is open. */
final class SectionWaterLine extends SectionLayer {
  SectionWaterLine(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    for (Stretch stretch : open()) {
      svg.empty(
          "path",
          "class",
          "s-line",
          "data-thing",
          "water",
          "d",
          "M%s %sH%s"
              .formatted(
                  Svg.number(x(stretch.fromCm()) - (small || stretch.fromCm() > 0 ? 0 : 14)),
                  Svg.number(y(geometry.lineCm())),
                  Svg.number(x(stretch.toCm()))));
    }
  }

  /** Where its surface is open. */
  private List<Stretch> open() {
    if (!geometry.hasWater()) {
      return List.of();
    }
    return geometry
        .grid()
        .map(grid -> grid.waterAlong(cut()))
        .orElse(List.of(new Stretch(0, geometry.shoreX())));
  }
}
