package app.islet.web.drawing;

import app.islet.core.enclosure.Substrate;
import app.islet.core.geometry.Geometry.Corner;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The substrate with its layers. */
final class SectionSubstrate extends SectionLayer {
  SectionSubstrate(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    double length = enclosure.vessel().lengthCm();
    String ground =
        Stream.concat(
                geometry.profile().stream(), Stream.of(new Corner(length, 0), new Corner(0, 0)))
            .map(c -> Svg.number(x(c.xCm())) + "," + Svg.number(y(c.yCm())))
            .collect(Collectors.joining(" "));
    svg.empty(
        "polygon",
        "class",
        "s-ground s-" + written(enclosure.ground().material()),
        "data-thing",
        "ground land",
        "points",
        ground);
    layers();
  }

  /** Layers under the uppermost, flat on the floor. */
  private void layers() {
    double from = 0;
    for (Substrate.Layer layer : enclosure.ground().below()) {
      svg.empty(
          "rect",
          "class",
          "s-layer s-" + written(layer.material()),
          "data-thing",
          "ground",
          "x",
          x(0),
          "y",
          y(from + layer.thicknessCm()),
          "width",
          enclosure.vessel().lengthCm() * scale,
          "height",
          layer.thicknessCm() * scale);
      from += layer.thicknessCm();
    }
  }
}
