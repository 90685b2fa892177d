package app.islet.web.base.drawing;

import java.time.LocalDate;
import java.util.List;

/** A few values over time, as large as a word: whether it grows, not by how much. */
public final class Sparkline {
  private static final double WIDTH = 120;
  private static final double HEIGHT = 32;
  private static final double EDGE = 4;
  private static final double DOT = 2.5;

  private Sparkline() {}

  /** A value of a day. */
  public record Point(LocalDate day, double value) {}

  /**
   * @param points the oldest first; at least two
   * @param words what it shows, for whom cannot see it
   */
  public static String of(List<Point> points, String words) {
    double first = points.get(0).day().toEpochDay();
    double days = Math.max(1, points.get(points.size() - 1).day().toEpochDay() - first);
    double most = points.stream().mapToDouble(Point::value).max().orElseThrow();
    double least = points.stream().mapToDouble(Point::value).min().orElseThrow();
    // A change by less than a tenth is no steep line.
    double span = Math.max(most - least, most / 10);
    StringBuilder line = new StringBuilder();
    double x = 0;
    double y = 0;
    for (Point p : points) {
      x = EDGE + (WIDTH - 2 * EDGE) * (p.day().toEpochDay() - first) / days;
      y = HEIGHT - EDGE - (HEIGHT - 2 * EDGE) * (p.value() - least) / span;
      line.append(line.isEmpty() ? 'M' : 'L')
          .append(Svg.number(x))
          .append(' ')
          .append(Svg.number(y));
    }
    return Svg.drawing(WIDTH, HEIGHT, "sparkline", "role", "img", "aria-label", words)
        .empty("path", "d", line.toString())
        .empty("circle", "cx", Svg.number(x), "cy", Svg.number(y), "r", Svg.number(DOT))
        .close("svg")
        .toString();
  }
}
