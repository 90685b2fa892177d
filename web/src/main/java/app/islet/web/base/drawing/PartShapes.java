package app.islet.web.base.drawing;

import app.islet.core.enclosure.Furnishing;

/** Shapes of our own for what stands in an enclosure: always the same for the same part. */
final class PartShapes {
  /** How far each of eight corners of a stone lies in from its block, as a share of it. */
  private static final double[][] STONE = {
    {0, .55}, {.08, .2}, {.32, .02}, {.62, 0}, {.88, .14}, {1, .5}, {.97, 1}, {.03, 1}
  };

  private static final double[][] PEBBLE = {
    {0, .5}, {.12, .14}, {.46, 0}, {.84, .1}, {1, .5}, {.86, .88}, {.52, 1}, {.14, .86}
  };

  private PartShapes() {}

  private static double at(double from, double to, double share) {
    return from + (to - from) * share;
  }

  /** A boulder that lies flat, and a line of its face. */
  static void stone(
      Svg svg, Furnishing part, double left, double right, double top, double bottom) {
    svg.empty("path", "d", rounded(STONE, left, right, top, bottom, wobble(part)));
    svg.empty(
        "path",
        "class",
        "s-face",
        "d",
        Parts.path(
            "M%s %sL%s %sL%s %s",
            at(left, right, .3),
            at(top, bottom, .12),
            at(left, right, .42),
            at(top, bottom, .5),
            at(left, right, .36),
            at(top, bottom, .86)));
  }

  /** A stone from above. */
  static void pebble(
      Svg svg, Furnishing part, double left, double right, double back, double front) {
    svg.empty("path", "d", rounded(PEBBLE, left, right, back, front, wobble(part)));
  }

  /** From its name, so that two stones are not twins. */
  private static double wobble(Furnishing part) {
    return (Math.floorMod(part.id().hashCode(), 7) - 3) * .012;
  }

  private static String rounded(
      double[][] corners, double left, double right, double top, double bottom, double wobble) {
    StringBuilder d = new StringBuilder();
    int n = corners.length;
    for (int i = 0; i <= n; i++) {
      double[] a = corners[i % n];
      double[] b = corners[(i + 1) % n];
      double sway = i % 2 == 0 ? wobble : -wobble;
      double midX = at(left, right, clamped((a[0] + b[0]) / 2 + sway));
      double midY = at(top, bottom, clamped((a[1] + b[1]) / 2 + sway));
      d.append(
          i == 0
              ? Parts.path("M%s %s", midX, midY)
              : Parts.path(
                  "Q%s %s %s %s", at(left, right, a[0]), at(top, bottom, a[1]), midX, midY));
    }
    return d.append('Z').toString();
  }

  private static double clamped(double share) {
    return Math.max(0, Math.min(1, share));
  }

  /** A log: round at its ends, with the grain along it. */
  static void log(Svg svg, double left, double right, double top, double bottom) {
    double round = Math.min(bottom - top, right - left) / 2.4;
    Parts.rect(svg, left, top, right, bottom, round);
    svg.empty(
        "path",
        "class",
        "s-grain",
        "d",
        Parts.path(
            "M%s %sQ%s %s %s %sM%s %sQ%s %s %s %s",
            at(left, right, .08),
            at(top, bottom, .35),
            at(left, right, .5),
            at(top, bottom, .22),
            at(left, right, .92),
            at(top, bottom, .38),
            at(left, right, .1),
            at(top, bottom, .7),
            at(left, right, .45),
            at(top, bottom, .82),
            at(left, right, .9),
            at(top, bottom, .66)));
  }

  /** A branch that leans from the low left to the high right, with two twigs. */
  static void branch(Svg svg, double left, double right, double top, double bottom) {
    double thick = Math.max(3, Math.min(10, (bottom - top) * .22));
    svg.empty(
        "path",
        "d",
        Parts.path(
            "M%s %sC%s %s %s %s %s %sL%s %sC%s %s %s %s %s %sZ",
            left,
            bottom,
            at(left, right, .35),
            at(top, bottom, .8),
            at(left, right, .5),
            at(top, bottom, .25),
            right,
            top,
            right,
            top + thick * .6,
            at(left, right, .56),
            at(top, bottom, .3) + thick,
            at(left, right, .4),
            bottom,
            at(left, right, .1),
            bottom));
    svg.empty(
        "path",
        "class",
        "s-twig",
        "d",
        Parts.path(
            "M%s %sQ%s %s %s %sM%s %sQ%s %s %s %s",
            at(left, right, .42),
            at(top, bottom, .55),
            at(left, right, .4),
            at(top, bottom, .25),
            at(left, right, .3),
            at(top, bottom, .05),
            at(left, right, .68),
            at(top, bottom, .25),
            at(left, right, .82),
            at(top, bottom, .3),
            at(left, right, .9),
            at(top, bottom, .45)));
  }

  /** Half a tube of bark, dark inside. */
  static void cave(Svg svg, double left, double right, double top, double bottom) {
    svg.empty(
        "path",
        "d",
        Parts.path(
            "M%s %sC%s %s %s %s %s %sC%s %s %s %s %s %sZ",
            left,
            bottom,
            at(left, right, .02),
            at(top, bottom, .1),
            at(left, right, .25),
            top,
            at(left, right, .5),
            top,
            at(left, right, .75),
            top,
            at(left, right, .98),
            at(top, bottom, .1),
            right,
            bottom));
    svg.empty(
        "path",
        "class",
        "s-mouth",
        "d",
        Parts.path(
            "M%s %sC%s %s %s %s %s %sC%s %s %s %s %s %sZ",
            at(left, right, .2),
            bottom,
            at(left, right, .22),
            at(top, bottom, .45),
            at(left, right, .34),
            at(top, bottom, .36),
            at(left, right, .5),
            at(top, bottom, .36),
            at(left, right, .66),
            at(top, bottom, .36),
            at(left, right, .78),
            at(top, bottom, .45),
            at(left, right, .8),
            bottom));
  }

  /** Stems with leaves under water; fronds that arch over on land. */
  static void plants(
      Svg svg, double left, double right, double top, double bottom, boolean onLand) {
    svg.empty(
        "rect",
        "class",
        "s-grip",
        "x",
        left,
        "y",
        top,
        "width",
        right - left,
        "height",
        bottom - top);
    String d = onLand ? fronds(left, right, top, bottom) : stems(left, right, top, bottom);
    svg.empty("path", "class", "s-stems", "d", d);
  }

  private static String stems(double left, double right, double top, double bottom) {
    int stems = (int) Math.max(2, Math.min(9, (right - left) / 12));
    StringBuilder d = new StringBuilder();
    for (int n = 0; n < stems; n++) {
      double x = at(left, right, (n + .5) / stems);
      double lean = n % 2 == 0 ? 5 : -5;
      double end = top + (n % 3) * (bottom - top) * .1;
      d.append(Parts.path("M%s %sQ%s %s %s %s", x, bottom, x + lean, (end + bottom) / 2, x, end));
      int leaves = (int) Math.max(2, Math.min(7, (bottom - end) / 11));
      for (int k = 1; k <= leaves; k++) {
        double y = at(bottom, end, k / (leaves + .4));
        double side = (k + n) % 2 == 0 ? 6 : -6;
        d.append(Parts.path("M%s %sq%s %s %s %s", x + lean * .3, y, side * .5, -5, side, -3));
      }
    }
    return d.toString();
  }

  private static String fronds(double left, double right, double top, double bottom) {
    double foot = (left + right) / 2;
    StringBuilder d = new StringBuilder();
    for (int n = 0; n < 5; n++) {
      double share = n / 4.0;
      double tipX = at(left, right, share);
      double tipY = at(top, bottom, .12 + Math.abs(share - .5) * .7);
      double bendX = at(foot, tipX, .35);
      double bendY = top - (bottom - top) * (.02 - Math.abs(share - .5) * .3);
      d.append(Parts.path("M%s %sQ%s %s %s %s", foot, bottom, bendX, bendY, tipX, tipY));
      for (double along = .35; along < 1; along += .22) {
        double x = curve(foot, bendX, tipX, along);
        double y = curve(bottom, bendY, tipY, along);
        d.append(Parts.path("M%s %sl%s %sM%s %sl%s %s", x, y, -3, 4, x, y, 4, 3));
      }
    }
    return d.toString();
  }

  private static double curve(double a, double b, double c, double t) {
    return (1 - t) * (1 - t) * a + 2 * t * (1 - t) * b + t * t * c;
  }

  /** Pads on the surface, their roots hanging. */
  static void pads(Svg svg, double left, double right, double top, double bottom) {
    int pads = (int) Math.max(2, Math.min(12, (right - left) / 14));
    StringBuilder roots = new StringBuilder();
    for (int n = 0; n < pads; n++) {
      double x = at(left, right, (n + .5) / pads);
      svg.empty(
          "ellipse",
          "cx",
          x,
          "cy",
          bottom - 2,
          "rx",
          (right - left) / pads * .46,
          "ry",
          Math.max(2, (bottom - top) * .3));
      roots.append(Parts.path("M%s %sv%sM%s %sv%s", x - 2, bottom, 7, x + 2, bottom, 9));
    }
    svg.empty("path", "class", "s-roots", "d", roots.toString());
  }
}
