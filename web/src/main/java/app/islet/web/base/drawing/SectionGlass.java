package app.islet.web.base.drawing;

import app.islet.core.enclosure.Lid;

/** The glass with its thickness, and the lid. */
final class SectionGlass extends SectionLayer {
  /** Where nobody said how thick the panes are, mm. */
  private static final double USUAL_PANE_MM = 6;

  private static final double MIN_PX = 2;
  private static final double MIN_WORKING_PX = 5;

  SectionGlass(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    boolean upright = isUpright() || Double.isNaN(cutCm);
    if (upright) {
      panes();
    } else {
      svg.empty(
          "path",
          "class",
          "s-glass",
          "data-thing",
          "vessel",
          "stroke-width",
          small ? 2 : 3,
          "d",
          new SectionVessel(sheet).inside());
    }
    if (enclosure.lid() != Lid.NONE) {
      lid();
    }
  }

  /** Two walls and the floor, outside of what is measured inside. */
  private void panes() {
    double length = enclosure.vessel().lengthCm();
    double thick = thickPx();
    double left = x(0);
    double right = x(length);
    double top = y(enclosure.vessel().heightCm());
    double floor = y(0);
    svg.empty(
        "path",
        "class",
        "s-pane",
        "data-thing",
        "vessel",
        "d",
        "M%s %sH%sV%sH%sV%sH%sV%sH%sZ"
            .formatted(
                Svg.number(left - thick),
                Svg.number(top),
                Svg.number(left),
                Svg.number(floor),
                Svg.number(right),
                Svg.number(top),
                Svg.number(right + thick),
                Svg.number(floor + thick),
                Svg.number(left - thick)));
  }

  private double thickPx() {
    double mm = enclosure.vessel().walls().paneMm().orElse(USUAL_PANE_MM);
    return Math.max(small ? MIN_PX : MIN_WORKING_PX, mm / 10 * scale);
  }

  private void lid() {
    double left = x(0);
    double right = x(enclosure.vessel().lengthCm());
    double top = y(enclosure.vessel().heightCm());
    boolean mesh = enclosure.lid() == Lid.MESH || enclosure.lid() == Lid.PART_MESH;
    double from = enclosure.lid() == Lid.PART_MESH ? (left + right) / 2 : left;
    if (enclosure.lid() != Lid.MESH) {
      lid("s-lid", left, mesh ? from : right, top);
    }
    if (mesh) {
      lid("s-lid s-mesh", from, right, top);
    }
  }

  private void lid(String css, double left, double right, double top) {
    svg.empty(
        "path",
        "class",
        css,
        "data-thing",
        "lid conditions",
        "d",
        "M%s %sH%s".formatted(Svg.number(left), Svg.number(top), Svg.number(right)));
  }
}
