package app.islet.web.base.drawing;

/**
 * A small section, shown at any size.
 *
 * @param body what is in it, in pixels of a drawing of {@code width} by {@code height}
 */
public record Glyph(String body, double width, double height) {
  /** Fitted into a box, pixels. */
  public String fitted(double mostWidth, double mostHeight) {
    return scaled(Math.min(mostWidth / width, mostHeight / height));
  }

  /**
   * @param factor times the size it was drawn at
   */
  public String scaled(double factor) {
    return new Svg()
        .open(
            "svg",
            "xmlns",
            "http://www.w3.org/2000/svg",
            "viewBox",
            "0 0 %s %s".formatted(Svg.number(width), Svg.number(height)),
            "width",
            width * factor,
            "height",
            height * factor,
            "class",
            "section glyph",
            "role",
            "img")
        .raw(body)
        .close("svg")
        .toString();
  }
}
