package app.islet.web.drawing;

import app.islet.core.enclosure.Lid;

/** The glass and the lid. */
final class SectionGlass extends SectionLayer {
  SectionGlass(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    double length = enclosure.vessel().lengthCm();
    double height = enclosure.vessel().heightCm();
    svg.empty(
        "path",
        "class",
        "s-glass",
        "data-thing",
        "vessel",
        "stroke-width",
        small ? 2 : 3,
        "d",
        isUpright() || Double.isNaN(cutCm)
            ? "M%s %sV%sH%sV%s"
                .formatted(
                    Svg.number(x(0)),
                    Svg.number(y(height)),
                    Svg.number(y(0)),
                    Svg.number(x(length)),
                    Svg.number(y(height)))
            : new SectionVessel(sheet).inside());
    if (enclosure.lid() != Lid.NONE) {
      svg.empty(
          "path",
          "class",
          enclosure.lid() == Lid.MESH ? "s-lid s-mesh" : "s-lid",
          "data-thing",
          "lid conditions",
          "d",
          "M%s %sH%s".formatted(Svg.number(x(0)), Svg.number(y(height)), Svg.number(x(length))));
    }
  }
}
