package app.islet.web.base.drawing;

import app.islet.core.care.Breeding;
import java.util.Locale;

/** Where to look for the sex of an animal: a male beside a female, as plain lines of our own. */
public final class SexSigns {
  private static final int HALF = 110;
  private static final int HEIGHT = 104;
  private static final int MARGIN = 5;
  private static final int MIDDLE = 50;
  private static final int FOOT = 98;

  private static final Outlines OUTLINES = new Outlines("sex-signs.properties");

  private SexSigns() {}

  /**
   * @param male and {@code female} as they are called under the drawing
   */
  public static String of(Breeding.Look look, String male, String female) {
    String key = look.name().toLowerCase(Locale.ROOT);
    Svg svg =
        new Svg()
            .open(
                "svg",
                "viewBox",
                "0 0 %d %d".formatted(2 * HALF, HEIGHT),
                "class",
                "sex-sign",
                "role",
                "img");
    svg.element("title", male + ", " + female);
    one(svg, MARGIN, key + ".male", male);
    one(svg, HALF + MARGIN, key + ".female", female);
    return svg.close("svg").toString();
  }

  private static void one(Svg svg, int left, String key, String words) {
    String lines = OUTLINES.path(key + ".lines");
    svg.open("g", "transform", "translate(%d 0)".formatted(left));
    svg.empty("path", "class", "sign-line", "d", lines);
    OUTLINES
        .find(key + ".dark")
        .ifPresent(dark -> svg.empty("path", "class", "sign-dark", "d", dark));
    svg.close("g");
    svg.text(words, "class", "s-label", "x", left + MIDDLE, "y", FOOT, "text-anchor", "middle");
  }
}
