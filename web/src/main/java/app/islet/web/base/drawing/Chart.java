package app.islet.web.base.drawing;

import java.util.List;
import java.util.Locale;

/**
 * Curves over one axis, with the bands they should stay in. What is drawn is also handed over as
 * words, one row a step, for a hand, a key or a screen reader to go through.
 *
 * @param title of the drawing
 * @param unit of the values
 * @param ticks words along the axis, spread evenly from its first step to its last
 * @param lines the curves, all of one length; where a value is NaN it was not measured
 * @param bands ranges laid under them
 * @param marks what happened at a step, along the foot
 * @param fromZero whether the axis begins at zero, as for what cannot be less
 */
public record Chart(
    String title,
    String unit,
    List<String> ticks,
    List<Line> lines,
    List<Band> bands,
    List<Mark> marks,
    boolean fromZero) {
  private static final double WIDTH = 880;
  private static final double HEIGHT = 300;
  private static final double LEFT = 64;
  private static final double RIGHT = 20;
  private static final double TOP = 20;
  private static final double BOTTOM = 40;
  private static final int GRID = 5;

  private static final double DOT = 4;
  private static final double MARK = 6;

  public Chart {
    ticks = List.copyOf(ticks);
    lines = List.copyOf(lines);
    bands = List.copyOf(bands);
    marks = List.copyOf(marks);
  }

  /** Curves alone. */
  public Chart(String title, String unit, List<String> ticks, List<Line> lines, List<Band> bands) {
    this(title, unit, ticks, lines, bands, List.of(), false);
  }

  /**
   * @param css class of the stroke, which has a dash of its own besides its colour
   * @param dotted whether each value has a dot, as where somebody measured
   */
  public record Line(String name, String css, double[] values, boolean dotted) {
    public Line(String name, String css, double[] values) {
      this(name, css, values, false);
    }
  }

  /**
   * @param css class of the mark, {@code shape} of which it is drawn: told by more than colour
   */
  public record Mark(int step, String css, Shape shape) {}

  /** What a mark is drawn as. */
  public enum Shape {
    TRIANGLE("M0-6L6 5H-6Z"),
    SQUARE("M-5-5H5V5H-5Z"),
    DIAMOND("M0-7L7 0L0 7L-7 0Z");

    private final String path;

    Shape(String path) {
      this.path = path;
    }
  }

  public record Band(String name, String css, double low, double high) {}

  public String svg() {
    Scale scale = Scale.of(this);
    Svg svg = new Svg();
    svg.open(
        "svg",
        "xmlns",
        "http://www.w3.org/2000/svg",
        "viewBox",
        "0 0 %s %s".formatted(Svg.number(WIDTH), Svg.number(HEIGHT)),
        "class",
        "chart",
        "role",
        "img",
        "data-left",
        LEFT,
        "data-right",
        WIDTH - RIGHT);
    svg.element("title", title);
    drawBands(svg, scale);
    drawGrid(svg, scale);
    drawTicks(svg);
    drawMarks(svg, scale);
    drawLines(svg, scale);
    svg.empty(
        "path",
        "class",
        "c-cursor",
        "d",
        "M%s %sV%s".formatted(Svg.number(LEFT), Svg.number(TOP), Svg.number(HEIGHT - BOTTOM)));
    return svg.close("svg").toString();
  }

  private void drawBands(Svg svg, Scale scale) {
    for (Band band : bands) {
      double high = scale.y(Math.min(scale.most, band.high));
      svg.empty(
          "rect",
          "class",
          band.css,
          "x",
          LEFT,
          "y",
          high,
          "width",
          WIDTH - LEFT - RIGHT,
          "height",
          Math.max(0, scale.y(Math.max(scale.least, band.low)) - high));
    }
  }

  private void drawGrid(Svg svg, Scale scale) {
    for (int n = 0; n <= GRID; n++) {
      double value = scale.least + (scale.most - scale.least) * n / GRID;
      svg.empty(
          "path",
          "class",
          "c-grid",
          "d",
          "M%s %sH%s"
              .formatted(Svg.number(LEFT), Svg.number(scale.y(value)), Svg.number(WIDTH - RIGHT)));
      svg.text(
          String.format(Locale.ROOT, scale.places(), value),
          "class",
          "c-words",
          "x",
          LEFT - 8,
          "y",
          scale.y(value) + 5,
          "text-anchor",
          "end");
    }
    svg.text(unit, "class", "c-words", "x", LEFT + 6, "y", TOP - 3);
  }

  private void drawTicks(Svg svg) {
    for (int n = 0; n < ticks.size(); n++) {
      svg.text(
          ticks.get(n),
          "class",
          n % 2 == 0 ? "c-words" : "c-words c-between",
          "x",
          LEFT + (WIDTH - LEFT - RIGHT) * n / Math.max(1, ticks.size() - 1),
          "y",
          HEIGHT - 14,
          "text-anchor",
          n == 0 ? "start" : n == ticks.size() - 1 ? "end" : "middle");
    }
  }

  private void drawMarks(Svg svg, Scale scale) {
    for (Mark mark : marks) {
      svg.empty(
          "path",
          "class",
          "c-mark " + mark.css,
          "d",
          mark.shape.path,
          "transform",
          "translate(%s %s)"
              .formatted(
                  Svg.number(scale.x(mark.step, steps())), Svg.number(HEIGHT - BOTTOM - MARK)));
    }
  }

  private void drawLines(Svg svg, Scale scale) {
    for (Line line : lines) {
      svg.empty("path", "class", "c-line " + line.css, "d", path(line.values, scale));
      if (line.dotted) {
        dots(svg, line, scale);
      }
    }
  }

  private int steps() {
    return lines.stream().mapToInt(line -> line.values.length).max().orElse(1);
  }

  private static void dots(Svg svg, Line line, Scale scale) {
    for (int n = 0; n < line.values.length; n++) {
      if (!Double.isNaN(line.values[n])) {
        svg.empty(
            "circle",
            "class",
            "c-dot " + line.css,
            "cx",
            scale.x(n, line.values.length),
            "cy",
            scale.y(line.values[n]),
            "r",
            DOT);
      }
    }
  }

  private static String path(double[] values, Scale scale) {
    StringBuilder path = new StringBuilder();
    for (int n = 0; n < values.length; n++) {
      if (Double.isNaN(values[n])) {
        continue;
      }
      path.append(path.isEmpty() ? 'M' : 'L')
          .append(Svg.number(scale.x(n, values.length)))
          .append(' ')
          .append(Svg.number(scale.y(values[n])));
    }
    return path.toString();
  }

  /** Round numbers at both ends of the axis. */
  private record Scale(double least, double most, double step) {
    /** Below this span of small values the axis is marked in hundredths. */
    private static final double FINE = 0.5;

    private static final double SMALL = 2;

    String places() {
      return step < 0.1 ? "%.2f" : step < 1 ? "%.1f" : "%.0f";
    }

    static Scale of(Chart chart) {
      double least = Double.POSITIVE_INFINITY;
      double most = Double.NEGATIVE_INFINITY;
      for (Line line : chart.lines) {
        for (double value : line.values) {
          if (!Double.isNaN(value)) {
            least = Math.min(least, value);
            most = Math.max(most, value);
          }
        }
      }
      if (least > most) {
        least = 0;
        most = 1;
      }
      for (Band band : chart.bands) {
        // A band far from the curves is not worth flattening them for.
        least = Math.min(least, Math.max(band.low, least - 6));
        most = Math.max(most, Math.min(band.high, most + 6));
      }
      if (chart.fromZero) {
        least = Math.min(0, least);
      }
      double step = most - least < FINE && most < SMALL ? 0.02 : 0.2;
      double[] steps = {0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100};
      for (int n = 0; n < steps.length && step * GRID < most - least; n++) {
        step = Math.max(step, steps[n]);
      }
      double from = Math.floor(least / step) * step;
      while (from + step * GRID < most) {
        step = step * 2;
        from = Math.floor(least / step) * step;
      }
      return new Scale(from, from + step * GRID, step);
    }

    double y(double value) {
      return HEIGHT - BOTTOM - (value - least) / (most - least) * (HEIGHT - TOP - BOTTOM);
    }

    double x(int n, int count) {
      return LEFT + (WIDTH - LEFT - RIGHT) * n / Math.max(1, count - 1);
    }
  }
}
