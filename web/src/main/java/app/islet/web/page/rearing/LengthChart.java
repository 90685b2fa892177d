package app.islet.web.page.rearing;

import app.islet.core.quantity.Dimension;
import app.islet.core.rearing.Sizes;
import app.islet.core.rearing.TubEvent;
import app.islet.web.base.drawing.Chart;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * The smallest and the largest of a batch by its age.
 *
 * @param rows the same in words, one a day; empty where nobody measured
 */
record LengthChart(String svg, List<String> rows) {
  private static final int TICKS = 4;
  private static final int MIN_DAYS = 7;

  static LengthChart of(List<TubEvent> measured, LocalDate since, Units u) {
    NavigableMap<Integer, Sizes> byDay = new TreeMap<>();
    for (TubEvent e : measured) {
      int age = (int) Math.max(0, ChronoUnit.DAYS.between(since, e.at().toLocalDate()));
      e.sizes().ifPresent(sizes -> byDay.merge(age, sizes, Sizes::with));
    }
    if (byDay.isEmpty()) {
      return new LengthChart("", List.of());
    }
    int days = Math.max(MIN_DAYS, byDay.lastKey());
    double[] smallest = new double[days + 1];
    double[] largest = new double[days + 1];
    Arrays.fill(smallest, Double.NaN);
    Arrays.fill(largest, Double.NaN);
    List<String> rows = new ArrayList<>();
    byDay.forEach(
        (day, sizes) -> {
          smallest[day] = Dimension.LENGTH.toUnit(sizes.smallestCm(), u.system());
          largest[day] = Dimension.LENGTH.toUnit(sizes.largestCm(), u.system());
        });
    for (int day = 0; day <= days; day++) {
      Sizes sizes = byDay.getOrDefault(day, byDay.firstEntry().getValue());
      if (byDay.floorEntry(day) != null) {
        sizes = byDay.floorEntry(day).getValue();
      }
      rows.add(Messages.text("rearing.growth-row", day, LengthWords.of(sizes, u)));
    }
    Chart chart =
        new Chart(
            Messages.text("rearing.growth-title"),
            u.unit(Dimension.LENGTH),
            ticks(days),
            List.of(
                new Chart.Line("smallest", "c-measured", smallest, true),
                new Chart.Line("largest", "c-measured", largest, true)),
            List.of(),
            List.of(),
            true);
    return new LengthChart(chart.svg(), rows);
  }

  private static List<String> ticks(int days) {
    List<String> ticks = new ArrayList<>();
    for (int n = 0; n <= TICKS; n++) {
      ticks.add(Messages.text("rearing.day", days * n / TICKS));
    }
    return ticks;
  }
}
