package app.islet.web.base.drawing;

import app.islet.core.enclosure.Vessel;

/** A vessel from above: its outline, and the floor inside sloping sides. */
final class PlanVessel {
  private final Vessel v;
  private final double left;
  private final double top;
  private final double scale;

  PlanVessel(Vessel vessel, double left, double top, double scale) {
    this.v = vessel;
    this.left = left;
    this.top = top;
    this.scale = scale;
  }

  private double x(double cm) {
    return left + cm * scale;
  }

  private double y(double cm) {
    return top + cm * scale;
  }

  void outline(Svg svg, String css) {
    double l = v.lengthCm() * scale;
    double w = v.widthCm() * scale;
    switch (v.shape()) {
      case BOX -> {
        svg.empty("rect", "class", css, "x", x(0), "y", y(0), "width", l, "height", w);
        slopes(svg);
      }
      case OVAL -> {
        svg.empty(
            "ellipse",
            "class",
            css,
            "cx",
            x(0) + l / 2,
            "cy",
            y(0) + w / 2,
            "rx",
            l / 2,
            "ry",
            w / 2);
        slopes(svg);
      }
      case CORNER ->
          svg.empty(
              "path",
              "class",
              css,
              "d",
              "M%s %sH%sA%s %s 0 0 1 %s %sZ"
                  .formatted(
                      Svg.number(x(0)),
                      Svg.number(y(0)),
                      Svg.number(x(v.lengthCm())),
                      Svg.number(l),
                      Svg.number(w),
                      Svg.number(x(0)),
                      Svg.number(y(v.widthCm()))));
      case BOW ->
          svg.empty(
              "path",
              "class",
              css,
              "d",
              "M%s %sH%sV%sQ%s %s %s %sZ"
                  .formatted(
                      Svg.number(x(0)),
                      Svg.number(y(0)),
                      Svg.number(x(v.lengthCm())),
                      Svg.number(y(0.8 * v.widthCm())),
                      Svg.number(x(v.lengthCm() / 2)),
                      Svg.number(y(1.2 * v.widthCm())),
                      Svg.number(x(0)),
                      Svg.number(y(0.8 * v.widthCm()))));
    }
  }

  /** The floor inside sloping sides. */
  private void slopes(Svg svg) {
    if (v.floorShare() == 1) {
      return;
    }
    double l = v.lengthCm() * scale * v.floorShare();
    double w = v.widthCm() * scale * v.floorShare();
    double midX = x(v.lengthCm() / 2);
    double midY = y(v.widthCm() / 2);
    if (v.shape() == Vessel.Shape.OVAL) {
      svg.empty("ellipse", "class", "s-floor", "cx", midX, "cy", midY, "rx", l / 2, "ry", w / 2);
    } else {
      svg.empty(
          "rect",
          "class",
          "s-floor",
          "x",
          midX - l / 2,
          "y",
          midY - w / 2,
          "width",
          l,
          "height",
          w);
    }
  }
}
