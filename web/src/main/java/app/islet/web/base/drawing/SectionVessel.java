package app.islet.web.base.drawing;

/** The air in the enclosure, and the shape of walls that are no box. */
final class SectionVessel extends SectionLayer {
  private static final int WALL_STEPS = 80;

  SectionVessel(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    double length = enclosure.vessel().lengthCm();
    svg.empty(
        "rect",
        "class",
        "s-air",
        "x",
        x(0),
        "y",
        y(enclosure.vessel().heightCm()),
        "width",
        length * scale,
        "height",
        enclosure.vessel().heightCm() * scale);
  }

  /** The inside of walls that are no box, as the cut meets them. */
  void clip() {
    if (isUpright()) {
      return;
    }
    svg.open("clipPath", "id", "inside");
    svg.empty("path", "d", inside() + "Z");
    svg.close("clipPath");
  }

  /** From the rim down the wall, along the floor and up again. */
  String inside() {
    double length = enclosure.vessel().lengthCm();
    double height = enclosure.vessel().heightCm();
    StringBuilder d = new StringBuilder();
    double lastX = 0;
    for (int n = 0; n <= WALL_STEPS; n++) {
      double at = length * n / WALL_STEPS;
      double wall = enclosure.vessel().wallCm(at, cut());
      if (Double.isNaN(wall)) {
        continue;
      }
      if (d.isEmpty()) {
        d.append("M%s %s".formatted(Svg.number(x(at)), Svg.number(y(height))));
      }
      d.append("L%s %s".formatted(Svg.number(x(at)), Svg.number(y(wall))));
      lastX = at;
    }
    return d.append("L%s %s".formatted(Svg.number(x(lastX)), Svg.number(y(height)))).toString();
  }
}
