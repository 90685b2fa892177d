package app.islet.web.page.design.water;

import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.web.base.drawing.Chart;
import app.islet.web.store.water.KitUnits;
import app.islet.web.store.water.WaterLog.DayOfTests;
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
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/**
 * One tested parameter over the days, with what was done marked under it.
 *
 * @param rows what each day says, one a step
 * @param spread whether a day has its lowest and highest drawn too
 */
record WaterCurve(String svg, List<String> rows, String words, boolean spread) {
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

    LocalDate from(List<DayOfTests> tested, LocalDate today) {
      LocalDate oldest = tested.isEmpty() ? today.minusDays(7) : tested.get(0).day();
      LocalDate from = days == 0 ? oldest : today.minusDays(days);
      LocalDate shown = from.isBefore(oldest) ? oldest : from;
      return shown.isAfter(today.minusDays(7)) ? today.minusDays(7) : shown;
    }
  }

  /**
   * @param tested the oldest day first
   * @param done the oldest first
   * @param wanted the target
   * @param tolerated what they stand for a time
   */
  static WaterCurve of(
      List<DayOfTests> tested,
      List<WaterEvent> done,
      Parameter parameter,
      Optional<Range> wanted,
      Optional<Range> tolerated,
      Span span,
      LocalDate today,
      KitUnits kit) {
    LocalDate from = span.from(tested, today);
    int days = (int) ChronoUnit.DAYS.between(from, today) + 1;
    Steps steps = new Steps(from, days, (days + MAX_STEPS - 1) / MAX_STEPS);
    Step[] told = new Step[steps.count()];
    Arrays.fill(told, Step.UNTESTED);
    for (DayOfTests day : tested) {
      int at = steps.of(day.day());
      if (at >= 0) {
        told[at] = told[at].and(day);
      }
    }
    double[] means = values(told, parameter, kit, Step::mean);
    Map<Integer, List<WaterEvent>> events = new TreeMap<>();
    for (WaterEvent event : done) {
      int at = steps.of(event.day());
      if (at >= 0) {
        events.computeIfAbsent(at, key -> new ArrayList<>()).add(event);
      }
    }
    long all = Arrays.stream(told).mapToLong(Step::tests).sum();
    List<Chart.Line> lines = new ArrayList<>();
    lines.add(new Chart.Line(parameter.words(), "c-water", means, all <= MAX_DOTS));
    boolean spread = Arrays.stream(told).anyMatch(Step::isSpread);
    if (spread) {
      lines.add(new Chart.Line("highest", "c-edge", values(told, parameter, kit, Step::max)));
      lines.add(new Chart.Line("lowest", "c-edge", values(told, parameter, kit, Step::min)));
    }
    Chart chart =
        new Chart(
            parameter.words(),
            kit.unit(parameter),
            ticks(from, days),
            lines,
            bands(parameter, wanted, tolerated, kit),
            marks(events),
            parameter.isNitrogen() || parameter == Parameter.SALINITY);
    return new WaterCurve(
        chart.svg(),
        rows(parameter, steps, told, events, kit),
        (steps.each > 1 ? "Each step is the mean of %d days. ".formatted(steps.each) : "")
            + (all == 0
                ? "Not tested in this time."
                : wanted
                    .map(range -> "Target: " + kit.text(parameter, range) + ".")
                    .orElse("Nobody here states what it should be.")),
        spread);
  }

  /** What the tests of one step say, in inside units. */
  private record Step(double mean, double min, double max, long tests) {
    static final Step UNTESTED =
        new Step(Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, 0);

    Step and(DayOfTests day) {
      long both = tests + day.tests();
      double sum = (tests == 0 ? 0 : mean * tests) + day.mean() * day.tests();
      return new Step(sum / both, Math.min(min, day.min()), Math.max(max, day.max()), both);
    }

    boolean isSpread() {
      return max > min;
    }
  }

  private static double[] values(
      Step[] told, Parameter parameter, KitUnits kit, ToDoubleFunction<Step> what) {
    return Arrays.stream(told)
        .mapToDouble(
            step -> step.tests() == 0 ? Double.NaN : kit.shown(parameter, what.applyAsDouble(step)))
        .toArray();
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

  private static List<Chart.Band> bands(
      Parameter parameter, Optional<Range> wanted, Optional<Range> tolerated, KitUnits kit) {
    return Stream.concat(
            tolerated.map(r -> band("tolerated", "c-tolerated", parameter, r, kit)).stream(),
            wanted.map(r -> band("target", "c-ideal", parameter, r, kit)).stream())
        .toList();
  }

  private static Chart.Band band(
      String name, String css, Parameter parameter, Range range, KitUnits kit) {
    return new Chart.Band(
        name, css, kit.shown(parameter, range.min()), kit.shown(parameter, range.max()));
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
      Step[] told,
      Map<Integer, List<WaterEvent>> events,
      KitUnits kit) {
    List<String> rows = new ArrayList<>();
    for (int day = 0; day < told.length; day++) {
      StringBuilder row = new StringBuilder(English.shortDay(steps.first(day))).append(": ");
      row.append(words(told[day], parameter, kit));
      for (WaterEvent event : events.getOrDefault(day, List.of())) {
        row.append(", ").append(EventForm.words(event, kit.system()));
      }
      rows.add(row.toString());
    }
    return rows;
  }

  private static String words(Step step, Parameter parameter, KitUnits kit) {
    if (step.tests() == 0) {
      return "not tested";
    }
    String mean =
        "%s %s %s"
            .formatted(
                parameter.inSentence(),
                trimmed(kit.shown(parameter, step.mean())),
                kit.unit(parameter))
            .strip();
    return step.isSpread()
        ? "%s, from %s to %s in %d tests"
            .formatted(
                mean,
                kit.number(parameter, step.min()),
                kit.number(parameter, step.max()),
                step.tests())
        : mean;
  }

  private static String trimmed(double value) {
    return new BigDecimal(value)
        .setScale(value < 1 ? 3 : 1, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }
}
