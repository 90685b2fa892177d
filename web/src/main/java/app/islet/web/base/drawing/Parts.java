package app.islet.web.base.drawing;

import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import java.util.Locale;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Pattern;

/** How each kind of part is drawn, from the side and from above. */
final class Parts {
  /** Thinner than this nobody sees or grasps it. */
  private static final double MIN_PX = 3;

  private static final Pattern COUNTED = Pattern.compile("^.*-(\\d+)$");

  private Parts() {}

  private static String kindOf(Furnishing part) {
    return part.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** What it is called, as in {@code Stone 1}. */
  static String title(Furnishing part) {
    String words = part.kind().words();
    return words.substring(0, 1).toUpperCase(Locale.ROOT)
        + words.substring(1)
        + COUNTED.matcher(part.id()).replaceFirst(" $1");
  }

  private static void open(Svg svg, Furnishing part, String css) {
    svg.open(
        "g",
        "class",
        "s-part s-"
            + kindOf(part)
            + (css.isEmpty() ? "" : " " + css)
            + (part.locked() ? " s-locked" : ""),
        "data-part",
        part.id(),
        "data-thing",
        part.id() + " " + kindOf(part));
    svg.element("title", title(part));
  }

  /**
   * From the side; what floats lies on the line.
   *
   * @param css where it lies: in the cut, behind or before it
   */
  static void section(
      Svg svg,
      Furnishing part,
      String css,
      double lineCm,
      DoubleUnaryOperator x,
      DoubleUnaryOperator y) {
    double left = x.applyAsDouble(part.leftCm());
    double right = Math.max(left + MIN_PX, x.applyAsDouble(part.leftCm() + part.spanX()));
    boolean floats = part.kind().floats();
    double top = y.applyAsDouble(floats ? lineCm + part.topCm() - part.bottomCm() : part.topCm());
    double bottom = Math.max(top + MIN_PX, y.applyAsDouble(floats ? lineCm - 1 : part.bottomCm()));
    open(svg, part, css);
    switch (part.kind().form()) {
      case PLANK, BANK -> slope(svg, part, left, right, top, bottom);
      case PLANTS ->
          PartShapes.plants(svg, left, right, top, bottom, part.bottomCm() >= lineCm - 0.1);
      case FLOATING_PLANTS -> PartShapes.pads(svg, left, right, top, bottom);
      case HOLLOW -> PartShapes.cave(svg, left, right, top, bottom);
      case TRAY -> tray(svg, left, right, top, bottom);
      case LAMP -> lamp(svg, part, left, right, top, bottom);
      default -> block(svg, part, left, right, top, bottom);
    }
    svg.close("g");
  }

  private static void block(
      Svg svg, Furnishing part, double left, double right, double top, double bottom) {
    switch (part.kind()) {
      case STONE -> PartShapes.stone(svg, part, left, right, top, bottom);
      case WOOD, CORK -> PartShapes.log(svg, left, right, top, bottom);
      case BRANCH -> PartShapes.branch(svg, left, right, top, bottom);
      case STACK -> stack(svg, left, right, top, bottom);
      default ->
          rect(
              svg,
              left,
              top,
              right,
              bottom,
              part.round() ? Math.min(right - left, bottom - top) / 2.2 : 2);
    }
  }

  private static void stack(Svg svg, double left, double right, double top, double bottom) {
    rect(svg, left, top, right, bottom, 2);
    double middle = (top + bottom) / 2;
    line(
        svg, "s-joint", "M%s %sH%sM%s %sV%s", left, middle, right, (left + right) / 2, top, middle);
  }

  static void rect(Svg svg, double left, double top, double right, double bottom, double round) {
    svg.empty(
        "rect", "x", left, "y", top, "width", right - left, "height", bottom - top, "rx", round);
  }

  private static void line(Svg svg, String css, String pattern, double... numbers) {
    svg.empty("path", "class", css, "d", path(pattern, numbers));
  }

  /** Seen from its end a slope is a block. */
  private static void slope(
      Svg svg, Furnishing part, double left, double right, double top, double bottom) {
    double along = Math.cos(Math.toRadians(part.turnDeg()));
    if (Math.abs(along) < 0.5) {
      rect(svg, left, top, right, bottom, 2);
      return;
    }
    boolean toLeft = part.risesLeft() == (along > 0);
    double high = toLeft ? left : right;
    double low = toLeft ? right : left;
    boolean plank = part.kind().form() == FurnishingKind.Form.PLANK;
    svg.empty(
        "path",
        "d",
        path("M%s %sL%s %sL%s %sZ", low, bottom, high, top, high, plank ? top + 8 : bottom));
  }

  /** A floor between two walls. */
  private static void tray(Svg svg, double left, double right, double top, double bottom) {
    rect(svg, left, bottom - 5, right, bottom, 1);
    line(svg, "s-tray-wall", "M%s %sV%sM%s %sV%s", left, bottom, top, right, bottom, top);
  }

  private static void lamp(
      Svg svg, Furnishing part, double left, double right, double top, double bottom) {
    if (part.kind() == FurnishingKind.UVB_LAMP) {
      rect(svg, left, top, right, bottom, (bottom - top) / 2);
      return;
    }
    double neck = (right - left) / 4;
    svg.empty(
        "path",
        "d",
        path("M%s %sH%sL%s %sH%sZ", left + neck, top, right - neck, right, bottom, left));
  }

  /** From above. */
  static void plan(Svg svg, Furnishing part, DoubleUnaryOperator x, DoubleUnaryOperator y) {
    double left = x.applyAsDouble(part.xCm());
    double right = Math.max(left + MIN_PX, x.applyAsDouble(part.xCm() + part.lengthCm()));
    double back = y.applyAsDouble(part.yCm());
    double front = Math.max(back + MIN_PX, y.applyAsDouble(part.yCm() + part.widthCm()));
    open(svg, part, "");
    String turn =
        "rotate(%s %s %s)"
            .formatted(
                Svg.number(part.turnDeg()),
                Svg.number((left + right) / 2),
                Svg.number((back + front) / 2));
    svg.open("g", "transform", turn);
    PlanShapes.draw(svg, part, new PlanShapes.Box(left, right, back, front));
    if (part.kind().form().slopes()) {
      arrow(svg, part, left, right, (back + front) / 2);
    }
    svg.close("g");
    svg.close("g");
  }

  /** Points up the slope. */
  private static void arrow(Svg svg, Furnishing part, double left, double right, double middle) {
    double high = part.risesLeft() ? left + 6 : right - 6;
    double low = part.risesLeft() ? right - 6 : left + 6;
    double tip = part.risesLeft() ? high + 7 : high - 7;
    line(
        svg,
        "s-arrow",
        "M%s %sH%sM%s %sL%s %sL%s %s",
        low,
        middle,
        high,
        tip,
        middle - 5,
        high,
        middle,
        tip,
        middle + 5);
  }

  static String path(String pattern, double... numbers) {
    Object[] words = new Object[numbers.length];
    for (int n = 0; n < numbers.length; n++) {
      words[n] = Svg.number(numbers[n]);
    }
    return pattern.formatted(words);
  }
}
