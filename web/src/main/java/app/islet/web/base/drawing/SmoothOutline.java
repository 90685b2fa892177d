package app.islet.web.base.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An outline along the edges of cells with its stairs made slopes: each corner is cut half a cell
 * before and after it, so that steps of one cell run straight on and long edges stay where they
 * are.
 */
final class SmoothOutline {
  private static final double CUT = 0.5;
  private static final Pattern STEP = Pattern.compile("M(\\d+) (\\d+)|([hv])(-?\\d+)|z");

  private SmoothOutline() {}

  /** The outline with cells of one by one. */
  static String of(String outline) {
    return of(outline, 1, 1);
  }

  /**
   * @param outline closed rings of {@code M}, {@code h}, {@code v} and {@code z}
   * @param wide width of a cell
   * @param tall height of a cell
   */
  static String of(String outline, double wide, double tall) {
    StringBuilder path = new StringBuilder();
    List<double[]> ring = new ArrayList<>();
    Matcher step = STEP.matcher(outline);
    while (step.find()) {
      if (step.group(1) != null) {
        ring.add(
            new double[] {Double.parseDouble(step.group(1)), Double.parseDouble(step.group(2))});
      } else if (step.group(3) != null) {
        double[] from = ring.get(ring.size() - 1);
        double by = Double.parseDouble(step.group(4));
        boolean across = step.group(3).equals("h");
        ring.add(new double[] {from[0] + (across ? by : 0), from[1] + (across ? 0 : by)});
      } else {
        close(ring, path, wide, tall);
        ring.clear();
      }
    }
    return path.toString();
  }

  /** The last corner of a ring is its first again, or lies on the edge that ends there. */
  private static void close(List<double[]> ring, StringBuilder path, double wide, double tall) {
    double[] first = ring.get(0);
    double[] last = ring.get(ring.size() - 1);
    if (first[0] == last[0] && first[1] == last[1]) {
      ring.remove(ring.size() - 1);
    }
    char letter = 'M';
    for (int n = 0; n < ring.size(); n++) {
      double[] a = ring.get(n);
      double[] b = ring.get((n + 1) % ring.size());
      double length = Math.abs(b[0] - a[0]) + Math.abs(b[1] - a[1]);
      double cut = Math.min(CUT, length / 2) / length;
      to(path, letter, between(a, b, cut), wide, tall);
      letter = 'L';
      if (length > 2 * CUT) {
        to(path, letter, between(a, b, 1 - cut), wide, tall);
      }
    }
    path.append('z');
  }

  private static double[] between(double[] a, double[] b, double share) {
    return new double[] {a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share};
  }

  private static void to(StringBuilder path, char letter, double[] at, double wide, double tall) {
    path.append(letter)
        .append(Svg.number(at[0] * wide))
        .append(' ')
        .append(Svg.number(at[1] * tall));
  }
}
