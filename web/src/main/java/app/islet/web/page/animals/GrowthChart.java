package app.islet.web.page.animals;

import app.islet.core.animal.Measure;
import app.islet.core.animal.OwnGrowth;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.web.base.drawing.Chart;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What was measured, the animal's own curve with its band, and that of the average, from the first
 * measure to a year ahead.
 *
 * @param rows the same in words, one a step
 */
record GrowthChart(String svg, List<String> rows) {
  private static final int MONTHS_AHEAD = 12;
  private static final int MAX_STEPS = 60;
  private static final int TICKS = 4;

  /**
   * @param formEnds the last day of the form it has, where it changes; no curve goes beyond
   */
  static GrowthChart of(OwnGrowth growth, LocalDate today, Optional<LocalDate> formEnds, Units u) {
    LocalDate first = growth.measures().get(0).day();
    LocalDate yearAhead = today.plusMonths(MONTHS_AHEAD);
    LocalDate last =
        formEnds
            .filter(day -> day.isBefore(yearAhead))
            .map(day -> day.isAfter(today) ? day : today)
            .orElse(yearAhead);
    long days = Math.max(1, ChronoUnit.DAYS.between(first, last));
    int steps = (int) Math.min(MAX_STEPS, days);
    double[] own = new double[steps + 1];
    double[] usual = new double[steps + 1];
    double[] low = new double[steps + 1];
    double[] high = new double[steps + 1];
    double[] measured = new double[steps + 1];
    Arrays.fill(measured, Double.NaN);
    List<String> rows = new ArrayList<>();
    for (int n = 0; n <= steps; n++) {
      LocalDate day = first.plusDays(days * n / steps);
      Range band = growth.band(day);
      own[n] = inUnits(growth.lengthCm(day), u);
      usual[n] = inUnits(growth.usualCm(day), u);
      low[n] = inUnits(band.min(), u);
      high[n] = inUnits(band.max(), u);
    }
    for (Measure m : growth.measures()) {
      int n = (int) Math.round((double) steps * ChronoUnit.DAYS.between(first, m.day()) / days);
      measured[n] = inUnits(m.lengthCm(), u);
    }
    for (int n = 0; n <= steps; n++) {
      LocalDate day = first.plusDays(days * n / steps);
      rows.add(
          Messages.text(
              "animals.chart-row",
              English.shortDay(day),
              u.cm(growth.lengthCm(day)),
              u.range(growth.band(day), Dimension.LENGTH),
              u.cm(growth.usualCm(day))));
    }
    Chart chart =
        new Chart(
            Messages.text("animals.chart-title"),
            u.unit(Dimension.LENGTH),
            ticks(first, days),
            List.of(
                new Chart.Line(Messages.text("animals.average"), "c-room", usual),
                new Chart.Line(Messages.text("animals.band-low"), "c-band", low),
                new Chart.Line(Messages.text("animals.band-high"), "c-band", high),
                new Chart.Line(Messages.text("animals.own-curve"), "c-water", own),
                new Chart.Line(Messages.text("animals.measured"), "c-measured", measured, true)),
            List.of(),
            List.of(),
            true);
    return new GrowthChart(chart.svg(), rows);
  }

  private static double inUnits(double cm, Units u) {
    return Dimension.LENGTH.toUnit(cm, u.system());
  }

  private static List<String> ticks(LocalDate first, long days) {
    List<String> ticks = new ArrayList<>();
    for (int n = 0; n <= TICKS; n++) {
      ticks.add(English.shortDay(first.plusDays(days * n / TICKS)));
    }
    return ticks;
  }
}
