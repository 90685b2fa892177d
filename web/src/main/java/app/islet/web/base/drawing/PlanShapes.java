package app.islet.web.base.drawing;

import app.islet.core.enclosure.Furnishing;

/** Shapes of our own for what stands in an enclosure, seen from above. */
final class PlanShapes {
  private static final int FRONDS = 9;
  private static final double GOLDEN_ANGLE = 2.39996;

  private PlanShapes() {}

  static void draw(Svg svg, Furnishing part, Box box) {
    switch (part.kind()) {
      case STONE -> PartShapes.pebble(svg, part, box.left(), box.right(), box.back(), box.front());
      case WOOD, CORK -> PartShapes.log(svg, box.left(), box.right(), box.back(), box.front());
      case BRANCH -> branch(svg, box);
      case CAVE -> cave(svg, box);
      case PLANTS -> plants(svg, box);
      case FLOATING_PLANTS -> pads(svg, box);
      case BASKING_LAMP -> lamp(svg, box);
      default -> plain(svg, part, box);
    }
  }

  private static void plain(Svg svg, Furnishing part, Box box) {
    if (part.round()) {
      ellipse(svg, "", box.midX(), box.midY(), box.wide() / 2, box.tall() / 2);
    } else {
      Parts.rect(svg, box.left(), box.back(), box.right(), box.front(), 2);
    }
  }

  /** A bow of wood with two twigs, inside its block; the block itself is there to be held. */
  private static void branch(Svg svg, Box b) {
    grip(svg, b);
    double thick = Math.max(3, b.tall() * .34);
    svg.empty(
        "path",
        "class",
        "s-bough",
        "stroke-width",
        thick,
        "d",
        Parts.path(
            "M%s %sQ%s %s %s %s", b.x(.03), b.y(.62), b.x(.45), b.y(.12), b.x(.97), b.y(.5)));
    svg.empty(
        "path",
        "class",
        "s-bough",
        "stroke-width",
        thick * .55,
        "d",
        Parts.path(
            "M%s %sL%s %sM%s %sL%s %s",
            b.x(.3), b.y(.42), b.x(.44), b.y(.9), b.x(.64), b.y(.38), b.x(.8), b.y(.06)));
  }

  /** Half a tube of bark: ridges along it, its dark mouth to the front. */
  private static void cave(Svg svg, Box b) {
    Parts.rect(svg, b.left(), b.back(), b.right(), b.front(), Math.min(b.wide(), b.tall()) * .3);
    svg.empty(
        "path",
        "class",
        "s-grain",
        "d",
        Parts.path(
            "M%s %sV%sM%s %sV%sM%s %sV%s",
            b.x(.25), b.y(.12), b.y(.8), b.x(.5), b.y(.06), b.y(.8), b.x(.75), b.y(.12), b.y(.8)));
    svg.empty(
        "path",
        "class",
        "s-mouth",
        "d",
        Parts.path(
            "M%s %sQ%s %s %s %sQ%s %s %s %sZ",
            b.x(.2), b.y(.99), b.x(.5), b.y(.66), b.x(.8), b.y(.99), b.x(.5), b.y(1), b.x(.2),
            b.y(.99)));
  }

  /** A tuft: leaves round its heart, the same for the same size. */
  private static void plants(Svg svg, Box b) {
    grip(svg, b);
    StringBuilder leaves = new StringBuilder();
    for (int n = 0; n < FRONDS; n++) {
      double turn = n * GOLDEN_ANGLE;
      double reach = n % 3 == 0 ? .5 : n % 3 == 1 ? .43 : .34;
      double tipX = b.midX() + Math.cos(turn) * b.wide() * reach;
      double tipY = b.midY() + Math.sin(turn) * b.tall() * reach;
      double sideX = -Math.sin(turn) * b.wide() * .1;
      double sideY = Math.cos(turn) * b.tall() * .1;
      double halfX = (b.midX() + tipX) / 2;
      double halfY = (b.midY() + tipY) / 2;
      leaves.append(
          Parts.path(
              "M%s %sQ%s %s %s %sQ%s %s %s %sZ",
              b.midX(),
              b.midY(),
              halfX + sideX,
              halfY + sideY,
              tipX,
              tipY,
              halfX - sideX,
              halfY - sideY,
              b.midX(),
              b.midY()));
    }
    svg.empty("path", "class", "s-leaves", "d", leaves.toString());
  }

  /** Pads strewn over their patch of the surface. */
  private static void pads(Svg svg, Box b) {
    grip(svg, b);
    int pads = (int) Math.max(5, Math.min(24, b.wide() * b.tall() / 260));
    double size = Math.min(Math.min(b.wide(), b.tall()) * .16, 8);
    for (int n = 0; n < pads; n++) {
      double out = Math.sqrt((n + .5) / pads) * .46;
      double turn = n * GOLDEN_ANGLE;
      ellipse(
          svg,
          "s-pad",
          b.midX() + Math.cos(turn) * out * (b.wide() - size),
          b.midY() + Math.sin(turn) * out * (b.tall() - size),
          size,
          size * .85);
    }
  }

  private static void lamp(Svg svg, Box b) {
    ellipse(svg, "", b.midX(), b.midY(), b.wide() / 2, b.tall() / 2);
    ellipse(svg, "s-bulb", b.midX(), b.midY(), b.wide() / 4, b.tall() / 4);
  }

  private static void grip(Svg svg, Box b) {
    svg.empty(
        "rect", "class", "s-grip", "x", b.left(), "y", b.back(), "width", b.wide(), "height",
        b.tall());
  }

  private static void ellipse(Svg svg, String css, double x, double y, double rx, double ry) {
    if (css.isEmpty()) {
      svg.empty("ellipse", "cx", x, "cy", y, "rx", rx, "ry", ry);
    } else {
      svg.empty("ellipse", "class", css, "cx", x, "cy", y, "rx", rx, "ry", ry);
    }
  }

  /** Where a part lies in the drawing. */
  record Box(double left, double right, double back, double front) {
    double x(double share) {
      return left + wide() * share;
    }

    double y(double share) {
      return back + tall() * share;
    }

    double midX() {
      return x(.5);
    }

    double midY() {
      return y(.5);
    }

    double wide() {
      return right - left;
    }

    double tall() {
      return front - back;
    }
  }
}
