package app.islet.web.page.rearing;

import app.islet.core.rearing.SurvivalCurve;
import app.islet.web.base.drawing.Chart;
import app.islet.web.base.support.Messages;
import app.islet.web.store.rearing.BatchState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * Share alive by age, beside earlier batches of the species.
 *
 * @param rows the same in words, one a day
 */
record SurvivalChart(String svg, List<String> rows, List<Key> keys) {
  /** How a line looks, and whose it is. */
  record Key(String css, String name) {}

  private static final int TICKS = 4;
  private static final int MAX_EARLIER = 2;
  private static final String[] EARLIER_CSS = {"c-box", "c-room"};
  private static final double PERCENT = 100;

  static SurvivalChart of(BatchState batch, List<BatchState> finished) {
    List<BatchState> beside =
        finished.stream()
            .filter(f -> !f.batch().id().equals(batch.batch().id()))
            .limit(MAX_EARLIER)
            .toList();
    SurvivalCurve own = curve(batch);
    List<SurvivalCurve> others = beside.stream().map(SurvivalChart::curve).toList();
    int days =
        Math.max(
            1,
            Math.max(
                own.lastDay(), others.stream().mapToInt(SurvivalCurve::lastDay).max().orElse(0)));
    List<Chart.Line> lines = new ArrayList<>();
    for (int i = 0; i < others.size(); i++) {
      lines.add(
          new Chart.Line(
              beside.get(i).kind().animal().name(), EARLIER_CSS[i], values(others.get(i), days)));
    }
    lines.add(new Chart.Line(batch.kind().animal().name(), "c-water", values(own, days)));
    Chart chart =
        new Chart(
            Messages.text("rearing.survival-title"),
            Messages.text("rearing.percent-by-age"),
            ticks(days),
            lines,
            List.of(),
            List.of(),
            true);
    return new SurvivalChart(
        chart.svg(),
        rows(lines, days),
        lines.stream().map(line -> new Key(line.css(), line.name())).toList());
  }

  private static SurvivalCurve curve(BatchState s) {
    LocalDate last = s.batch().finishedOn().orElse(s.today());
    return SurvivalCurve.of(s.books().movements(), BatchView.since(s), last);
  }

  private static double[] values(SurvivalCurve curve, int days) {
    double[] values = new double[days + 1];
    for (int day = 0; day <= days; day++) {
      values[day] = day > curve.lastDay() ? Double.NaN : PERCENT * curve.at(day);
    }
    return values;
  }

  private static List<String> rows(List<Chart.Line> lines, int days) {
    List<String> rows = new ArrayList<>();
    for (int day = 0; day <= days; day++) {
      int at = day;
      List<String> said =
          lines.stream()
              .filter(line -> !Double.isNaN(line.values()[at]))
              .map(line -> line.name() + " " + Math.round(line.values()[at]) + " %")
              .toList();
      rows.add(Messages.text("rearing.survival-row", day, String.join(", ", said)));
    }
    return rows;
  }

  private static List<String> ticks(int days) {
    List<String> ticks = new ArrayList<>();
    for (int n = 0; n <= TICKS; n++) {
      ticks.add(Messages.text("rearing.day", days * n / TICKS));
    }
    return ticks;
  }
}
