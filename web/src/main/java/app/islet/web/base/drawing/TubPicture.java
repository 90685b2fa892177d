package app.islet.web.base.drawing;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;

/**
 * A tub or box from the side with the young in it, all tubs of a board to one scale.
 *
 * @param lengthCm of the tub
 * @param waterCm how deep the water stands
 * @param youngCm length of one of them
 * @param count in it; no more are drawn than fit
 */
public record TubPicture(double lengthCm, double waterCm, double youngCm, int count, Kind kind) {
  private static final double WIDTH = 140;
  private static final double HEIGHT = 58;
  private static final double EDGE = 4;
  private static final int MAX_DRAWN = 12;
  private static final double MIN_PX = 7;

  /** Who is in it. */
  public enum Kind {
    EGGS,
    IN_WATER,
    ON_LAND
  }

  /**
   * @param longestCm tub on the board, which takes the whole width
   */
  public String svg(CareSheet sheet, Stage stage, double longestCm) {
    double scale = (WIDTH - 2 * EDGE) / longestCm;
    double width = lengthCm * scale;
    double floor = HEIGHT - EDGE;
    double line = Math.max(EDGE + 12, floor - Math.max(2, waterCm * scale));
    double left = (WIDTH - width) / 2;
    String seen =
        "0 %s %s %s"
            .formatted(Svg.number(line - 12), Svg.number(WIDTH), Svg.number(HEIGHT - line + 12));
    Svg svg = Svg.drawing(seen, "section tub-picture", "aria-hidden", "true");
    if (kind == Kind.ON_LAND) {
      svg.empty(
          "rect", "class", "s-tub-moss", "x", left, "y", floor - 6, "width", width, "height", 6);
    } else {
      svg.empty(
          "rect", "class", "s-water", "x", left, "y", line, "width", width, "height", floor - line);
      svg.empty(
          "path",
          "class",
          "s-line",
          "d",
          "M%s %sH%s".formatted(Svg.number(left), Svg.number(line), Svg.number(left + width)));
    }
    drawYoung(svg, Silhouette.of(sheet, stage, Silhouette.Pose.STANDS), left, width, scale);
    svg.empty(
        "path",
        "class",
        "s-glass s-tub",
        "d",
        "M%s %sV%sH%sV%s"
            .formatted(
                Svg.number(left),
                Svg.number(line - 9),
                Svg.number(floor),
                Svg.number(left + width),
                Svg.number(line - 9)));
    return svg.close("svg").toString();
  }

  private void drawYoung(Svg svg, Silhouette shape, double left, double width, double scale) {
    double size = Math.max(MIN_PX, Math.min(youngCm * scale, width * .7));
    int fit = Math.max(1, (int) (width / (size * 1.1)));
    int drawn = Math.min(Math.min(count, MAX_DRAWN), kind == Kind.EGGS ? MAX_DRAWN : fit);
    for (int i = 0; i < drawn; i++) {
      double x = left + width * (i + .5) / drawn;
      double y = HEIGHT - EDGE - 3 - (i % 2 == 0 || drawn < 3 ? 0 : 3);
      if (kind == Kind.EGGS) {
        svg.empty("circle", "class", "s-egg", "cx", x, "cy", y - 2, "r", 3.2);
      } else {
        AnimalPicture.draw(svg, shape, x, y, size, i % 2 == 0);
      }
    }
  }
}
