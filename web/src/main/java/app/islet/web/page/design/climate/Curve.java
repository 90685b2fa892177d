package app.islet.web.page.design.climate;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.climate.Climate;
import app.islet.core.climate.TemperatureSeries;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.web.base.drawing.Chart;
import app.islet.web.base.support.Units;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/**
 * A curve of temperatures: the drawing, and its values in words.
 *
 * @param rows what it says at each step, to be read one by one
 */
record Curve(String svg, List<String> rows, List<String> outside) {
  private static final int MINUTES_A_DAY = 1440;

  /** Nothing is calculated under the sky. */
  private static final Curve NONE = new Curve("", List.of(), List.of());

  /** What is asked for. */
  enum Span {
    WINTER("A winter's day"),
    SUMMER("A summer's day, in a warm spell"),
    YEAR("The year, each day's warmest and coldest");

    private final String words;

    Span(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }

    public String id() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  static Curve of(Climate climate, List<Resident> residents, Span span, Units u) {
    if (!climate.model().holds()) {
      return NONE;
    }
    return switch (span) {
      case WINTER -> day(climate, climate.model().day(0, residents), residents, span, u);
      case SUMMER -> day(climate, climate.model().day(1, residents), residents, span, u);
      case YEAR -> year(climate, climate.model().year(residents), residents, u);
    };
  }

  private static Curve day(
      Climate climate, TemperatureSeries course, List<Resident> residents, Span span, Units u) {
    List<Chart.Line> lines = new ArrayList<>();
    climate.water().ifPresent(w -> lines.add(line("water", "c-water", course.waterC(), u)));
    climate.air().ifPresent(a -> lines.add(line("air and land", "c-box", course.boxC(), u)));
    lines.add(line("room", "c-room", course.roomC(), u));
    List<String> rows = new ArrayList<>();
    for (int step = 0; step < course.steps(); step++) {
      int minute = step * course.stepMinutes();
      rows.add("%02d:%02d: %s".formatted(minute / 60, minute % 60, values(lines, step, u)));
    }
    return new Curve(
        chart(
            span.words,
            List.of("0:00", "6:00", "12:00", "18:00", "24:00"),
            lines,
            climate,
            residents,
            u),
        rows,
        outside(course, residents, "of the day", u));
  }

  private static Curve year(
      Climate climate, TemperatureSeries course, List<Resident> residents, Units u) {
    boolean wet = climate.water().isPresent();
    float[] lived = wet ? course.waterC() : course.boxC();
    int steps = MINUTES_A_DAY / course.stepMinutes();
    int days = course.steps() / steps;
    double[] warmest = new double[days];
    double[] coldest = new double[days];
    double[] room = new double[days];
    for (int day = 0; day < days; day++) {
      double most = Double.NEGATIVE_INFINITY;
      double least = Double.POSITIVE_INFINITY;
      double hottest = Double.NEGATIVE_INFINITY;
      for (int step = day * steps; step < (day + 1) * steps; step++) {
        most = Math.max(most, lived[step]);
        least = Math.min(least, lived[step]);
        hottest = Math.max(hottest, course.roomC()[step]);
      }
      warmest[day] = shown(most, u);
      coldest[day] = shown(least, u);
      room[day] = shown(hottest, u);
    }
    List<Chart.Line> lines =
        List.of(
            new Chart.Line(
                wet ? "water at its warmest" : "land at its warmest", "c-water", warmest),
            new Chart.Line("at its coldest", "c-box", coldest),
            new Chart.Line("room at its warmest", "c-room", room));
    List<String> rows = new ArrayList<>();
    for (int day = 0; day < days; day++) {
      rows.add(
          "%s: %s"
              .formatted(
                  English.dayOfYear(LocalDate.ofYearDay(2027, day + 1)), values(lines, day, u)));
    }
    return new Curve(
        chart(
            Span.YEAR.words,
            List.of("January", "April", "July", "October", "December"),
            lines,
            climate,
            residents,
            u),
        rows,
        outside(course, residents, "of the year", u));
  }

  private static String values(List<Chart.Line> lines, int step, Units u) {
    List<String> words = new ArrayList<>();
    for (Chart.Line line : lines) {
      words.add("%s %.1f".formatted(line.name(), line.values()[step]));
    }
    return String.join(", ", words) + " " + u.unit(Dimension.TEMPERATURE);
  }

  private static Chart.Line line(String name, String css, float[] celsius, Units u) {
    double[] values = new double[celsius.length];
    for (int n = 0; n < values.length; n++) {
      values[n] = shown(celsius[n], u);
    }
    return new Chart.Line(name, css, values);
  }

  private static double shown(double celsius, Units u) {
    return Dimension.TEMPERATURE.toUnit(celsius, u.system());
  }

  private static String chart(
      String title,
      List<String> ticks,
      List<Chart.Line> lines,
      Climate climate,
      List<Resident> residents,
      Units u) {
    List<Chart.Band> bands = new ArrayList<>();
    Function<Resident, Optional<Needs.Temperature>> need =
        climate.water().isPresent() ? r -> r.stage().needs().water() : r -> r.stage().needs().air();
    residents.stream()
        .flatMap(r -> need.apply(r).stream())
        .findFirst()
        .ifPresent(
            t -> {
              bands.add(band("tolerated", "c-tolerated", t.toleratedC(), u));
              bands.add(band("ideal", "c-ideal", t.idealC(), u));
            });
    return new Chart(title, u.unit(Dimension.TEMPERATURE), ticks, lines, bands).svg();
  }

  private static Chart.Band band(String name, String css, Range range, Units u) {
    return new Chart.Band(name, css, shown(range.min(), u), shown(range.max(), u));
  }

  /** Hours each resident's water is outside what is ideal and what it stands. */
  private static List<String> outside(
      TemperatureSeries course, List<Resident> residents, String of, Units u) {
    List<String> words = new ArrayList<>();
    for (Resident r : residents) {
      r.stage()
          .needs()
          .water()
          .ifPresent(
              t ->
                  words.add(
                      "%s: %s %s outside the ideal %s, %s outside the tolerated range"
                          .formatted(
                              r.words(),
                              u.text(Quantity.hours(course.hoursOutside(t.idealC()))),
                              of,
                              u.range(t.idealC(), Dimension.TEMPERATURE),
                              u.text(Quantity.hours(course.hoursOutside(t.toleratedC()))))));
    }
    return words;
  }
}
