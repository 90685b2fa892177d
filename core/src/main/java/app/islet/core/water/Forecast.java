package app.islet.core.water;

import static java.util.Comparator.naturalOrder;

import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How a start-up goes on: the model takes over every test as it comes, and is fitted to them by how
 * many bacteria there must have been at the beginning. Slow and fast growth give the range.
 *
 * @param daysLeft until it is cycled, least and most; absent where that takes longer than half a
 *     year
 * @param usualDays the same at the usual pace
 * @param slow days from today on at the slowest common pace, likewise {@code usual} and {@code
 *     fast}
 */
public record Forecast(
    Optional<Range> daysLeft,
    Optional<Integer> usualDays,
    List<Nitrogen> slow,
    List<Nitrogen> usual,
    List<Nitrogen> fast) {
  private static final double SLOW = 0.7;
  private static final double FAST = 1.4;
  private static final int MAX_DAYS = 180;

  /** Beginnings older than this tell nothing more of the bacteria. */
  private static final int LOOK_BACK_DAYS = 150;

  private static final int MIN_TENTHS = -70;
  private static final int MAX_TENTHS = -3;

  /**
   * Bacteria of a filter with nothing ripe in it, as a share of what it holds cycled; from memory
   * of how long such filters take.
   */
  static final double BARE_SHARE = 1e-4;

  /** Where a test shows less than this, more or less of it says nothing. */
  private static final double SEEN = 0.05;

  /** Ammonia beyond what was estimated was put in by somebody, so it hardly counts. */
  private static final double PUT_IN = 0.25;

  /**
   * @param model of the tank at the usual pace
   * @param course what goes on from today: what animals make, or doses kept up without them
   */
  public static Forecast of(
      NitrogenModel model, WaterRecord record, NitrogenRun.Feeding course, LocalDate today) {
    WaterRecord known = record.until(today);
    Track slow = Track.of(model.atPace(SLOW), known, course, today);
    Track usual = Track.of(model, known, course, today);
    Track fast = Track.of(model.atPace(FAST), known, course, today);
    return new Forecast(
        span(fast.ready, usual.ready, slow.ready), usual.ready, slow.days, usual.days, fast.days);
  }

  /**
   * Least and most of all three: each pace is fitted to the tests by itself, so that the usual one
   * can be done before the fast one. Absent where the fast or the slow one is not done.
   */
  private static Optional<Range> span(
      Optional<Integer> fast, Optional<Integer> usual, Optional<Integer> slow) {
    return fast.isPresent() && slow.isPresent()
        ? Optional.of(
            new Range(
                Stream.of(fast, usual, slow).flatMap(Optional::stream).min(naturalOrder()).get(),
                Stream.of(fast, usual, slow).flatMap(Optional::stream).max(naturalOrder()).get()))
        : Optional.empty();
  }

  /**
   * Days a filter takes that nobody has begun yet, least and most.
   *
   * @param ripePercent share of the filter that comes ripe from a running tank
   */
  public static Optional<Range> fromNothing(
      NitrogenModel model, NitrogenRun.Feeding course, double ripePercent) {
    double share = Math.max(BARE_SHARE, model.filterShare() * ripePercent / 100);
    Optional<Integer> fast = Track.ready(model.atPace(FAST), begin(model, share), course);
    Optional<Integer> slow = Track.ready(model.atPace(SLOW), begin(model, share), course);
    return fast.flatMap(f -> slow.map(s -> new Range(Math.min(f, s), Math.max(f, s))));
  }

  private static Nitrogen begin(NitrogenModel model, double share) {
    double eaters = model.mostGPerDay() * share;
    return new Nitrogen(NitrogenRun.DOSE_MG_PER_L, 0, 0, model.carbonateDh(), eaters, eaters);
  }

  /** One pace. */
  private record Track(Optional<Integer> ready, List<Nitrogen> days) {
    static Track of(
        NitrogenModel model, WaterRecord known, NitrogenRun.Feeding course, LocalDate today) {
      Nitrogen now = today(model, known, course, today);
      return new Track(ready(model, now, course), NitrogenRun.play(model, now, course, 60).days());
    }

    static Optional<Integer> ready(NitrogenModel model, Nitrogen now, NitrogenRun.Feeding course) {
      List<Nitrogen> days = NitrogenRun.play(model, now, course, MAX_DAYS).days();
      int clear = 0;
      for (int day = 0; day < days.size(); day++) {
        if (course.keepDosed()) {
          if (isProven(model, days.get(day))) {
            return Optional.of(day);
          }
          continue;
        }
        clear = isClear(days.get(day)) ? clear + 1 : 0;
        if (clear > 7) {
          return Optional.of(day);
        }
      }
      return Optional.empty();
    }

    private static boolean isClear(Nitrogen n) {
      return Parameter.AMMONIA.isZero(n.ammoniaMgPerL())
          && Parameter.NITRITE.isZero(n.nitriteMgPerL());
    }

    /** Whether both kinds turn the proof's dose to what no kit shows within a day. */
    private static boolean isProven(NitrogenModel model, Nitrogen n) {
      double most = Math.min(n.ammoniaEaters(), n.nitriteEaters());
      double perDay = most * model.vigour(n.carbonateDh()) * 1000 / model.waterL();
      double dose = CyclingCriterion.PROOF_MG_PER_L;
      double zero = Parameter.NITRITE.kitError();
      // Monod integrated: the time it takes with plenty, and that of the tail.
      return dose - zero + NitrogenModel.AMMONIA_HALF * Math.log(dose / zero) <= perDay;
    }
  }

  /** How it stands today: from the beginning that fits the tests best. */
  private static Nitrogen today(
      NitrogenModel model, WaterRecord known, NitrogenRun.Feeding course, LocalDate today) {
    List<WaterTest> tests =
        known.tests().stream()
            .filter(WaterTest::tellsOfNitrogen)
            .filter(t -> !t.day().isBefore(today.minusDays(LOOK_BACK_DAYS)))
            .toList();
    if (tests.isEmpty()) {
      return begin(model, BARE_SHARE);
    }
    double best = Math.log10(BARE_SHARE);
    double least = Double.POSITIVE_INFINITY;
    for (int tenths = MIN_TENTHS; tenths <= MAX_TENTHS; tenths += 3) {
      double off = follow(model, known, tests, course, tenths / 10.0, today).off;
      if (off < least - 1e-9) {
        least = off;
        best = tenths / 10.0;
      }
    }
    return follow(model, known, tests, course, best, today).now;
  }

  private record Followed(Nitrogen now, double off) {}

  /** Runs from test to test, each taken over as it was read. */
  private static Followed follow(
      NitrogenModel model,
      WaterRecord known,
      List<WaterTest> tests,
      NitrogenRun.Feeding course,
      double logShare,
      LocalDate today) {
    double eaters = model.mostGPerDay() * Math.pow(10, logShare);
    Nitrogen now = read(tests.get(0), new Nitrogen(0, 0, 0, model.carbonateDh(), eaters, eaters));
    double off = 0;
    for (int n = 1; n <= tests.size(); n++) {
      LocalDate from = tests.get(n - 1).day();
      LocalDate to = n < tests.size() ? tests.get(n).day() : today;
      int days = (int) ChronoUnit.DAYS.between(from, to);
      if (days > 0) {
        now = NitrogenRun.play(model, now, between(known, course, from, to), days).last();
      }
      if (n < tests.size()) {
        off += off(tests.get(n), now);
        now = read(tests.get(n), now);
      }
    }
    return new Followed(now, off);
  }

  private static NitrogenRun.Feeding between(
      WaterRecord known, NitrogenRun.Feeding course, LocalDate from, LocalDate to) {
    List<WaterEvent> events = new ArrayList<>(known.between(from, to).toList());
    Map<Integer, List<WaterEvent>> byDay = NitrogenRun.Feeding.since(from, events);
    return new NitrogenRun.Feeding(course.loadGPerDay(), course.tap(), byDay, false);
  }

  private static double off(WaterTest test, Nitrogen estimated) {
    double ammonia = ratio(test.value(Parameter.AMMONIA).orElseThrow(), estimated.ammoniaMgPerL());
    double nitrite = ratio(test.value(Parameter.NITRITE).orElseThrow(), estimated.nitriteMgPerL());
    return ammonia * ammonia * (ammonia > 0 ? PUT_IN : 1) + nitrite * nitrite;
  }

  private static double ratio(double read, double estimated) {
    return Math.log((read + SEEN) / (estimated + SEEN));
  }

  private static Nitrogen read(WaterTest test, Nitrogen now) {
    return new Nitrogen(
        test.value(Parameter.AMMONIA).orElse(now.ammoniaMgPerL()),
        test.value(Parameter.NITRITE).orElse(now.nitriteMgPerL()),
        test.value(Parameter.NITRATE).orElse(now.nitrateMgPerL()),
        test.value(Parameter.CARBONATE).orElse(now.carbonateDh()),
        now.ammoniaEaters(),
        now.nitriteEaters());
  }
}
