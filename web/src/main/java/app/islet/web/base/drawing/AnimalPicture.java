package app.islet.web.base.drawing;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;

/** One animal, in a section or by itself on a card. */
public final class AnimalPicture {
  private static final double WIDTH = 120;
  private static final double HEIGHT = 72;

  /** Longer than this on the page, its lines and its eye can be seen, pixels. */
  private static final double SHOWS_LINES = 26;

  /** A smaller one would be all edge. */
  private static final double SHOWS_EDGE = 14;

  /** What sticks out of the measured length: head, tail, legs. */
  static final double ROOM = 1.75;

  /** So that the smallest can still be seen, pixels. */
  private static final double SMALLEST = 7;

  private AnimalPicture() {}

  /** A grown one of that species, filling the card whatever its size. */
  public static String of(CareSheet sheet) {
    Silhouette shape = Silhouette.of(sheet);
    boolean wide = shape.limbs().length() > 60 && !shape.gills();
    double size = Math.min(wide ? 62 : 84, (HEIGHT - 8) / shape.height());
    Svg svg = Svg.drawing(WIDTH, HEIGHT, "section animal", "aria-hidden", "true");
    draw(svg, shape, WIDTH / 2, (HEIGHT + size * shape.height()) / 2, size, true);
    return svg.close("svg").toString();
  }

  /**
   * One as it is, for a list: of two the larger is drawn larger, by the root of its length, so that
   * the smallest is still seen.
   *
   * @param longestCm length of the longest of the list, which fills the card
   */
  public static String of(Resident r, double longestCm) {
    Silhouette shape = Silhouette.of(r, Silhouette.Pose.STANDS);
    double full = Math.min(WIDTH / ROOM, (HEIGHT - 8) / shape.height());
    double size = Math.max(SMALLEST, full * Math.sqrt(Math.min(1, r.bodyCm() / longestCm)));
    Svg svg = Svg.drawing(WIDTH, HEIGHT, "section animal", "aria-hidden", "true");
    draw(svg, shape, WIDTH / 2, (HEIGHT + size * shape.height()) / 2, size, true);
    return svg.close("svg").toString();
  }

  /**
   * @param x and {@code y} of the middle of its feet
   * @param size of its measured length, pixels
   * @param right whether it looks to the right
   */
  static void draw(Svg svg, Silhouette shape, double x, double y, double size, boolean right) {
    String place =
        "translate(%s %s) scale(%s %s)"
            .formatted(
                Svg.number(x), Svg.number(y), Svg.number(right ? size : -size), Svg.number(size));
    boolean large = size >= SHOWS_LINES;
    if (!large && shape.limbs().isEmpty()) {
      String css = size < SHOWS_EDGE ? "s-animal s-tiny" : "s-animal";
      svg.empty("path", "class", css, "d", shape.body(), "transform", place);
      return;
    }
    String css = size < SHOWS_EDGE ? "s-creature s-tiny" : "s-creature";
    svg.open("g", "class", css, "transform", place);
    if (!shape.limbs().isEmpty()) {
      svg.empty("path", "class", shape.gills() ? "s-gills" : "s-limbs", "d", shape.limbs());
    }
    svg.empty("path", "class", "s-animal", "d", shape.body());
    if (large) {
      svg.empty("path", "class", "s-lines", "d", shape.lines());
      svg.empty(
          "circle",
          "class",
          "s-eye",
          "cx",
          Svg.number(shape.eyeX()),
          "cy",
          Svg.number(shape.eyeY()),
          "r",
          ".018");
    }
    svg.close("g");
  }
}
