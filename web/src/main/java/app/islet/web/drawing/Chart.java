package app.islet.web.drawing;

import java.util.List;
import java.util.Locale;

/**
 * Curves over one axis, with the bands they should stay in. What is drawn is also handed over as
 * words, one row a step, for a hand, a key or a screen reader to go through.
 *
 * @param title of the drawing
 * @param unit of the values
 * @param ticks words along the axis, spread evenly from its first step to its last
 * @param lines the curves, all of one length
 * @param bands ranges laid under them
 */
public record Chart(
        String title, String unit, List<String> ticks, List<Line> lines, List<Band> bands) {
    private static final double WIDTH = 880;
    private static final double HEIGHT = 300;
    private static final double LEFT = 64;
    private static final double RIGHT = 20;
    private static final double TOP = 16;
    private static final double BOTTOM = 40;
    private static final int GRID = 5;

    public Chart {
        ticks = List.copyOf(ticks);
        lines = List.copyOf(lines);
        bands = List.copyOf(bands);
    }

    /**
     * @param css class of the stroke, which has a dash of its own besides its colour
     */
    public record Line(String name, String css, double[] values) {}

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
        for (int n = 0; n <= GRID; n++) {
            double value = scale.least + (scale.most - scale.least) * n / GRID;
            svg.empty(
                    "path",
                    "class",
                    "c-grid",
                    "d",
                    "M%s %sH%s"
                            .formatted(
                                    Svg.number(LEFT),
                                    Svg.number(scale.y(value)),
                                    Svg.number(WIDTH - RIGHT)));
            svg.text(
                    String.format(Locale.ROOT, scale.step < 1 ? "%.1f" : "%.0f", value),
                    "class",
                    "c-words",
                    "x",
                    LEFT - 8,
                    "y",
                    scale.y(value) + 5,
                    "text-anchor",
                    "end");
        }
        svg.text(unit, "class", "c-words", "x", 4, "y", TOP + 4);
        for (int n = 0; n < ticks.size(); n++) {
            svg.text(
                    ticks.get(n),
                    "class",
                    "c-words",
                    "x",
                    LEFT + (WIDTH - LEFT - RIGHT) * n / Math.max(1, ticks.size() - 1),
                    "y",
                    HEIGHT - 14,
                    "text-anchor",
                    n == 0 ? "start" : n == ticks.size() - 1 ? "end" : "middle");
        }
        for (Line line : lines) {
            svg.empty("path", "class", "c-line " + line.css, "d", path(line.values, scale));
        }
        svg.empty(
                "path",
                "class",
                "c-cursor",
                "d",
                "M%s %sV%s"
                        .formatted(Svg.number(LEFT), Svg.number(TOP), Svg.number(HEIGHT - BOTTOM)));
        return svg.close("svg").toString();
    }

    private static String path(double[] values, Scale scale) {
        StringBuilder path = new StringBuilder();
        for (int n = 0; n < values.length; n++) {
            path.append(n == 0 ? 'M' : 'L')
                    .append(Svg.number(scale.x(n, values.length)))
                    .append(' ')
                    .append(Svg.number(scale.y(values[n])));
        }
        return path.toString();
    }

    /** Round numbers at both ends of the axis. */
    private record Scale(double least, double most, double step) {
        static Scale of(Chart chart) {
            double least = Double.POSITIVE_INFINITY;
            double most = Double.NEGATIVE_INFINITY;
            for (Line line : chart.lines) {
                for (double value : line.values) {
                    least = Math.min(least, value);
                    most = Math.max(most, value);
                }
            }
            for (Band band : chart.bands) {
                // A band far from the curves is not worth flattening them for.
                least = Math.min(least, Math.max(band.low, least - 6));
                most = Math.max(most, Math.min(band.high, most + 6));
            }
            double step = 0.2;
            double[] steps = {0.5, 1, 2, 5, 10, 20, 50, 100};
            for (int n = 0; n < steps.length && step * GRID < most - least; n++) {
                step = steps[n];
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
