package app.islet.web.base.drawing;

import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;

/** The measures of a maker's drawing. */
final class SectionDimensions extends SectionLayer {
  private final UnitSystem units;

  SectionDimensions(SectionSheet sheet, UnitSystem units) {
    super(sheet);
    this.units = units;
  }

  @Override
  void draw() {
    double length = enclosure.vessel().lengthCm();
    double height = enclosure.vessel().heightCm();
    double foot = y(0) + 22;
    double shore = geometry.shoreX();
    boolean land = hasLand() && geometry.hasWater();
    if (land) {
      across(x(0), x(shore), foot, "water " + Quantity.cm(shore).text(units));
      across(x(shore), x(length), foot, "land " + Quantity.cm(length - shore).text(units));
    } else {
      across(x(0), x(length), foot, Quantity.cm(length).text(units));
    }
    double right = x(length) + 18;
    if (enclosure.water().depthCm() > 0) {
      upright(
          x(0) - 18,
          y(enclosure.ground().depthCm()),
          y(geometry.lineCm()),
          Quantity.cm(enclosure.water().depthCm()).number(units),
          true);
    }
    upright(
        right,
        y(geometry.lineCm()),
        y(height),
        Quantity.cm(geometry.freeboardCm()).number(units),
        false);
    upright(right, y(0), y(geometry.lineCm()), Quantity.cm(geometry.lineCm()).number(units), false);
    svg.text(
        "height " + Quantity.cm(height).text(units),
        "class",
        "s-dim",
        "x",
        x(0),
        "y",
        y(height) - 14,
        "text-anchor",
        "start");
  }

  private void across(double from, double to, double at, String words) {
    svg.empty(
        "path",
        "class",
        "s-tick",
        "d",
        "M%s %sH%sM%s %sv8M%s %sv8"
            .formatted(
                Svg.number(from),
                Svg.number(at),
                Svg.number(to),
                Svg.number(from),
                Svg.number(at - 4),
                Svg.number(to),
                Svg.number(at - 4)));
    svg.text(
        words,
        "class",
        "s-dim s-over",
        "x",
        (from + to) / 2,
        "y",
        at + 23,
        "text-anchor",
        "middle");
  }

  private void upright(double at, double low, double high, String words, boolean leftSide) {
    if (low - high < 1) {
      return;
    }
    svg.empty(
        "path",
        "class",
        "s-tick",
        "d",
        "M%s %sV%sM%s %sh8M%s %sh8"
            .formatted(
                Svg.number(at),
                Svg.number(low),
                Svg.number(high),
                Svg.number(at - 4),
                Svg.number(low),
                Svg.number(at - 4),
                Svg.number(high)));
    svg.text(
        words,
        "class",
        "s-dim",
        "x",
        leftSide ? at - 8 : at + 8,
        "y",
        (low + high) / 2 + 7,
        "text-anchor",
        leftSide ? "end" : "start");
  }
}
