package app.islet.web.base.drawing;

import app.islet.core.care.AnimalGroup;
import java.util.List;
import java.util.Locale;

/**
 * The body of an animal with a number on each part: a tap on it leads to the signs of that part.
 */
public final class BodyMap {
  private static final Outlines OUTLINES = new Outlines("body-maps.properties");
  private static final int RADIUS = 13;
  private static final int BELOW_MIDDLE = 5;

  private BodyMap() {}

  /**
   * A part with signs.
   *
   * @param id as in {@code head}
   * @param number under which its signs stand
   */
  public record Part(String id, int number, String words) {}

  /** Parts without a place on this body are left out. */
  public static String of(AnimalGroup group, List<Part> parts, String title) {
    String name = group.name().toLowerCase(Locale.ROOT);
    Svg svg = new Svg().open("svg", "viewBox", "0 0 240 120", "class", "body-map", "role", "group");
    svg.element("title", title);
    svg.empty("path", "class", "sign-line", "d", OUTLINES.path(name + ".lines"));
    svg.empty("path", "class", "sign-dark", "d", OUTLINES.path(name + ".eyes"));
    for (Part part : parts) {
      OUTLINES.find(name + "." + part.id()).ifPresent(at -> spot(svg, part, at.split(" ")));
    }
    return svg.close("svg").toString();
  }

  private static void spot(Svg svg, Part part, String[] at) {
    svg.open("a", "href", "#part-" + part.id(), "aria-label", part.words());
    svg.empty("circle", "cx", at[0], "cy", at[1], "r", RADIUS);
    svg.text(
        String.valueOf(part.number()),
        "x",
        at[0],
        "y",
        Integer.parseInt(at[1]) + BELOW_MIDDLE,
        "text-anchor",
        "middle");
    svg.close("a");
  }
}
