package app.islet.web.page.design.water;

import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import app.islet.web.base.drawing.Chart;
import app.islet.web.store.water.KitUnits;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * One tested parameter over the days, with what was done marked under it.
 *
 * @param rows what each day says, one a step
 */
record WaterCurve(String svg, List<String> rows, String words) {
  private static final int TICKS = 5;

  /** Dots are worth drawing up to so many. */
  private static final int MAX_DOTS = 150;

  /** A screen has no more points beside each other; longer times are told by means. */
  private static final int MAX_STEPS = 750;

  /** How far back is shown. */
  enum Span {
    QUARTER("A quarter", 92),
    YEAR("A year", 366),
    ALL("All of it", 0);

    private final String words;
    private final int days;

    Span(String words, int days) {
      this.words = words;
      this.days = days;
    }

    public String words() {
      return words;
    }

    public String id() {
      return name().toLowerCase(Locale.ROOT);
    }

    LocalDate from(WaterRecord record, LocalDate today) {
      LocalDate oldest =
          record.tests().isEmpty() ? today.minusDays(7) : record.tests().get(0).day();
      LocalDate from = days == 0 ? oldest : today.minusDays(days);
      LocalDate shown = from.isBefore(oldest) ? oldest : from;
      return shown.isAfter(today.minusDays(7)) ? today.minusDays(7) : shown;
    }
  }

  static WaterCurve of(
      WaterRecord record,
      Parameter parameter,
      Optional<Range> wanted,
      Span span,
      LocalDate today,
      KitUnits kit) {
    LocalDate from = span.from(record, today);
    int days = (int) ChronoUnit.DAYS.between(from, today) + 1;
    Steps steps = new Steps(from, days, (days + MAX_STEPS - 1) / MAX_STEPS);
    double[] sums = new double[steps.count()];
    int[] tests = new int[steps.count()];
    for (WaterTest test : record.tests()) {
      int at = steps.of(test.day());
      if (at >= 0 && test.value(parameter).isPresent()) {
        sums[at] += kit.shown(parameter, test.value(parameter).getAsDouble());
        tests[at]++;
      }
    }
    double[] values = new double[sums.length];
    Arrays.setAll(values, n -> tests[n] == 0 ? Double.NaN : sums[n] / tests[n]);
    Map<Integer, List<WaterEvent>> events = new TreeMap<>();
    for (WaterEvent event : record.events()) {
      int at = steps.of(event.day());
      if (at >= 0) {
        events.computeIfAbsent(at, key -> new ArrayList<>()).add(event);
      }
    }
    int all = Arrays.stream(tests).sum();
    Chart chart =
        new Chart(
            parameter.words(),
            kit.unit(parameter),
            ticks(from, days),
            List.of(new Chart.Line(parameter.words(), "c-water", values, all <= MAX_DOTS)),
            wanted.map(range -> List.of(band(parameter, range, kit))).orElse(List.of()),
            marks(events),
            parameter.isNitrogen() || parameter == Parameter.SALINITY);
    return new WaterCurve(
        chart.svg(),
        rows(parameter, steps, values, events, kit),
        (steps.each > 1 ? "Each step is the mean of %d days. ".formatted(steps.each) : "")
            + (all == 0
                ? "Not tested in this time."
                : wanted
                    .map(range -> "Target: " + kit.text(parameter, range) + ".")
                    .orElse("Nobody here states what it should be.")));
  }

  /** Days in a row of equal steps. */
  private record Steps(LocalDate from, int days, int each) {
    int count() {
      return (days + each - 1) / each;
    }

    /** Which step a day is of; below zero where it is of none. */
    int of(LocalDate day) {
      long at = ChronoUnit.DAYS.between(from, day);
      return at < 0 || at >= days ? -1 : (int) at / each;
    }

    LocalDate first(int step) {
      return from.plusDays((long) step * each);
    }
  }

  private static Chart.Band band(Parameter parameter, Range range, KitUnits kit) {
    return new Chart.Band(
        "target", "c-ideal", kit.shown(parameter, range.min()), kit.shown(parameter, range.max()));
  }

  private static List<String> ticks(LocalDate from, int days) {
    List<String> ticks = new ArrayList<>();
    for (int n = 0; n < TICKS; n++) {
      ticks.add(English.shortDay(from.plusDays((long) (days - 1) * n / (TICKS - 1))));
    }
    return ticks;
  }

  private static List<Chart.Mark> marks(Map<Integer, List<WaterEvent>> events) {
    List<Chart.Mark> marks = new ArrayList<>();
    events.forEach(
        (day, done) -> {
          Map<Chart.Shape, WaterEvent> shapes = new HashMap<>();
          done.forEach(event -> shapes.put(shape(event.kind()), event));
          shapes.forEach(
              (shape, event) -> marks.add(new Chart.Mark(day, css(event.kind()), shape)));
        });
    return marks;
  }

  private static Chart.Shape shape(WaterEvent.Kind kind) {
    return switch (kind) {
      case CHANGE, RAIN, TOPPED_UP -> Chart.Shape.TRIANGLE;
      case RINSED, RINSED_TAP, NEW_MEDIA, RIPE_MEDIA, PUMP_STOPPED, FLOW -> Chart.Shape.SQUARE;
      case AMMONIA_DOSE, SALT, TREATED, MOVED_IN -> Chart.Shape.DIAMOND;
    };
  }

  private static String css(WaterEvent.Kind kind) {
    return switch (shape(kind)) {
      case TRIANGLE -> "m-change";
      case SQUARE -> "m-filter";
      case DIAMOND -> "m-put";
    };
  }

  private static List<String> rows(
      Parameter parameter,
      Steps steps,
      double[] values,
      Map<Integer, List<WaterEvent>> events,
      KitUnits kit) {
    List<String> rows = new ArrayList<>();
    for (int day = 0; day < values.length; day++) {
      StringBuilder row = new StringBuilder(English.shortDay(steps.first(day))).append(": ");
      row.append(
          Double.isNaN(values[day])
              ? "not tested"
              : "%s %s %s"
                  .formatted(parameter.inSentence(), trimmed(values[day]), kit.unit(parameter))
                  .strip());
      for (WaterEvent event : events.getOrDefault(day, List.of())) {
        row.append(", ").append(EventForm.words(event, kit.system()));
      }
      rows.add(row.toString());
    }
    return rows;
  }

  private static String trimmed(double value) {
    return new BigDecimal(value)
        .setScale(value < 1 ? 3 : 1, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }
}
