package app.islet.web.base.drawing;

import app.islet.core.animal.Resident;

/** An animal at its size beside its size before, at one scale. */
public final class ThenAndNow {
  private static final double WIDTH = 420;
  private static final double GAP = 24;
  private static final double FOOT = 26;
  private static final double TALLEST = 150;

  private ThenAndNow() {}

  /**
   * @param thenCm length before; 0 where none is known
   * @param thenWords said under it, as the day
   * @param nowWords said under the animal as it is
   */
  public static String of(Resident r, double thenCm, String thenWords, String nowWords) {
    Silhouette shape = Silhouette.of(r.sheet());
    double all = AnimalPicture.ROOM * (thenCm + r.bodyCm());
    double scale =
        Math.min((WIDTH - GAP) / all, TALLEST / (shape.height() * Math.max(thenCm, r.bodyCm())));
    double tall = shape.height() * Math.max(thenCm, r.bodyCm()) * scale + 6;
    Svg svg =
        new Svg()
            .open(
                "svg",
                "viewBox",
                "0 0 %s %s".formatted(Svg.number(WIDTH), Svg.number(tall + FOOT)),
                "class",
                "section animal then-and-now",
                "role",
                "img");
    svg.element("title", thenCm > 0 ? thenWords + ", " + nowWords : nowWords);
    double thenWide = AnimalPicture.ROOM * thenCm * scale;
    double nowWide = AnimalPicture.ROOM * r.bodyCm() * scale;
    double left = (WIDTH - thenWide - nowWide - (thenCm > 0 ? GAP : 0)) / 2;
    if (thenCm > 0) {
      one(svg, shape, left + thenWide / 2, tall, thenCm * scale, thenWords);
      left += thenWide + GAP;
    }
    one(svg, shape, left + nowWide / 2, tall, r.bodyCm() * scale, nowWords);
    return svg.close("svg").toString();
  }

  private static void one(
      Svg svg, Silhouette shape, double x, double foot, double size, String words) {
    AnimalPicture.draw(svg, shape, x, foot, size, true);
    svg.text(words, "class", "s-label", "x", x, "y", foot + FOOT - 6, "text-anchor", "middle");
  }
}
