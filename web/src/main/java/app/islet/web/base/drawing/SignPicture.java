package app.islet.web.base.drawing;

/** What a sign of illness looks like, as a few plain lines; it says nothing the words do not. */
public final class SignPicture {
  private static final Outlines OUTLINES = new Outlines("sign-drawings.properties");

  private SignPicture() {}

  /**
   * @return empty where a sign cannot be drawn, as a smell
   */
  public static String of(String sign) {
    return OUTLINES
        .find(sign + ".lines")
        .map(
            lines -> {
              Svg svg =
                  new Svg()
                      .open(
                          "svg",
                          "viewBox",
                          "0 0 64 40",
                          "class",
                          "sign-picture",
                          "aria-hidden",
                          "true");
              svg.empty("path", "class", "sign-line", "d", lines);
              OUTLINES
                  .find(sign + ".dark")
                  .ifPresent(dark -> svg.empty("path", "class", "sign-dark", "d", dark));
              return svg.close("svg").toString();
            })
        .orElse("");
  }
}
