package app.islet.web.base.drawing;

import app.islet.core.geometry.Grid;
import app.islet.core.geometry.Grid.Stretch;
import java.util.List;

/** Water wherever the cut meets it. */
final class SectionWater extends SectionLayer {
  SectionWater(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    for (Stretch stretch : wet()) {
      svg.empty(
          "rect",
          "class",
          "s-water",
          "data-thing",
          "water",
          "x",
          x(stretch.fromCm()),
          "y",
          y(geometry.lineCm()),
          "width",
          (stretch.toCm() - stretch.fromCm()) * scale,
          "height",
          geometry.lineCm() * scale);
    }
  }

  /** Where the cut meets water; the ground is drawn over what of it is too deep. */
  private List<Stretch> wet() {
    if (!geometry.hasWater()) {
      return List.of();
    }
    return geometry
        .grid()
        .filter(Grid::partlyDry)
        .map(grid -> grid.waterAlong(cut()))
        .orElse(List.of(new Stretch(0, enclosure.vessel().lengthCm())));
  }
}
