package app.islet.web.drawing;

import app.islet.core.care.CareSheet;

/** One animal by itself, for a card. */
public final class AnimalPicture {
  private static final double WIDTH = 120;
  private static final double HEIGHT = 72;
  private static final double BODY = 74;

  private AnimalPicture() {}

  /** A grown one of that species, filling the card whatever its size. */
  public static String of(CareSheet sheet) {
    Silhouette shape = Silhouette.of(sheet.group());
    return new Svg()
        .open(
            "svg",
            "xmlns",
            "http://www.w3.org/2000/svg",
            "viewBox",
            "0 0 %s %s".formatted(Svg.number(WIDTH), Svg.number(HEIGHT)),
            "class",
            "section animal",
            "aria-hidden",
            "true")
        .empty(
            "path",
            "class",
            "s-animal",
            "d",
            shape.path(),
            "transform",
            "translate(%s %s) scale(%s)"
                .formatted(
                    Svg.number(WIDTH / 2),
                    Svg.number((HEIGHT + BODY * shape.height()) / 2),
                    Svg.number(BODY)))
        .close("svg")
        .toString();
  }
}
