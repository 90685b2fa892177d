package app.islet.web.page.animals;

import app.islet.core.animal.Measure;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Siblings;
import app.islet.core.animal.TooSmallBeside;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.English;
import app.islet.web.base.drawing.Chart;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * Those of one clutch or batch beside each other.
 *
 * @param rows the longest first
 * @param parting who should be parted from whom because of size
 * @param svg lengths of all over time, and {@code steps} the same in words
 */
record SiblingsView(List<Row> rows, List<String> parting, String svg, List<String> steps) {
  private static final int STEPS = 40;
  private static final int TICKS = 3;

  /** One line of the chart is that of the animal the page is of. */
  private static final String OWN_LINE = "c-water";

  private static final String OTHER_LINE = "c-room";

  /**
   * @param place on the books where it is; those of one place live together
   */
  record Sibling(long id, Resident resident, String place, List<Measure> lengths) {}

  record Row(long id, int place, String name, String length, String beside, boolean outlying) {}

  static SiblingsView of(long own, List<Sibling> all, LocalDate today, Units u) {
    List<Sibling> measured = all.stream().filter(s -> !s.lengths().isEmpty()).toList();
    if (measured.size() < 2) {
      return new SiblingsView(List.of(), List.of(), "", List.of());
    }
    Siblings ranks = Siblings.of(measured.stream().map(s -> s.resident().after(0)).toList());
    Chart chart = chart(own, measured, today, u);
    return new SiblingsView(
        ranks.ranks().stream().map(rank -> row(rank, measured, u)).toList(),
        parting(measured, u),
        chart.svg(),
        steps(measured, today, u));
  }

  private static Row row(Siblings.Rank rank, List<Sibling> all, Units u) {
    String name = rank.resident().name();
    long id =
        all.stream().filter(s -> s.resident().name().equals(name)).findFirst().orElseThrow().id();
    return new Row(
        id,
        rank.place(),
        name,
        u.cm(rank.lengthCm()),
        Messages.text("siblings.beside", Math.round(100 * rank.share())),
        rank.outlying());
  }

  private static List<String> parting(List<Sibling> all, Units u) {
    List<String> lines = new ArrayList<>();
    for (Sibling small : all) {
      Resident r = small.resident().after(0);
      all.stream()
          .filter(big -> big.id() != small.id() && big.place().equals(small.place()))
          .map(big -> big.resident().after(0))
          .filter(big -> TooSmallBeside.holds(r, big))
          .max(Comparator.comparingDouble(Resident::bodyCm))
          .ifPresent(
              big ->
                  lines.add(
                      Messages.text(
                          "siblings.part",
                          r.name(),
                          u.cm(r.bodyCm()),
                          big.name(),
                          u.cm(big.bodyCm()))));
    }
    return lines;
  }

  private static Chart chart(long own, List<Sibling> all, LocalDate today, Units u) {
    LocalDate first = first(all);
    List<Chart.Line> lines = new ArrayList<>();
    for (Sibling s : all) {
      double[] values = new double[STEPS + 1];
      Arrays.fill(values, Double.NaN);
      for (int n = 0; n <= STEPS; n++) {
        LocalDate day = day(first, today, n);
        values[n] = lengthCm(s.lengths(), day);
        values[n] =
            Double.isNaN(values[n]) ? values[n] : Dimension.LENGTH.toUnit(values[n], u.system());
      }
      boolean mine = s.id() == own;
      lines.add(new Chart.Line(s.resident().name(), mine ? OWN_LINE : OTHER_LINE, values, mine));
    }
    List<String> ticks = new ArrayList<>();
    for (int n = 0; n <= TICKS; n++) {
      ticks.add(English.shortDay(day(first, today, STEPS * n / TICKS)));
    }
    return new Chart(
        Messages.text("siblings.chart"),
        u.unit(Dimension.LENGTH),
        ticks,
        lines,
        List.of(),
        List.of(),
        true);
  }

  private static List<String> steps(List<Sibling> all, LocalDate today, Units u) {
    LocalDate first = first(all);
    List<String> rows = new ArrayList<>();
    for (int n = 0; n <= STEPS; n++) {
      LocalDate day = day(first, today, n);
      rows.add(
          English.shortDay(day)
              + ": "
              + all.stream()
                  .filter(s -> !Double.isNaN(lengthCm(s.lengths(), day)))
                  .map(s -> s.resident().name() + " " + u.cm(lengthCm(s.lengths(), day)))
                  .collect(Collectors.joining(", ")));
    }
    return rows;
  }

  private static LocalDate first(List<Sibling> all) {
    return all.stream()
        .map(s -> s.lengths().get(0).day())
        .min(Comparator.naturalOrder())
        .orElseThrow();
  }

  private static LocalDate day(LocalDate first, LocalDate today, int n) {
    return first.plusDays(ChronoUnit.DAYS.between(first, today) * n / STEPS);
  }

  /**
   * On the straight line between the measures before and after; not before the first or after the
   * last.
   */
  private static double lengthCm(List<Measure> lengths, LocalDate day) {
    Measure before = null;
    for (Measure m : lengths) {
      if (!m.day().isAfter(day)) {
        before = m;
      } else if (before == null) {
        return Double.NaN;
      } else {
        double share =
            (double) ChronoUnit.DAYS.between(before.day(), day)
                / ChronoUnit.DAYS.between(before.day(), m.day());
        return before.lengthCm() + share * (m.lengthCm() - before.lengthCm());
      }
    }
    Measure last = Objects.requireNonNull(lengths.get(lengths.size() - 1));
    return before != null && last.day().equals(day) ? last.lengthCm() : Double.NaN;
  }
}
