package app.islet.core.water;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How fast nitrate rises between changes, by the keeper's own tests, and whether it creeps up in
 * spite of them.
 *
 * @param risePerDay mg/L a day as nitrogen, the changes in between taken out
 * @param within what the kit may be off, mg/L a day
 * @param creepPerMonth by how much the tests themselves rise, mg/L in thirty days, after a straight
 *     line through them
 * @param creeps whether that is more than the kit is off
 * @param tests looked at
 */
public record NitrateTrend(
    double risePerDay, double within, double creepPerMonth, boolean creeps, int tests) {
  /** So far off nothing is foretold, days. */
  private static final double FAR_OFF_DAYS = 3650;

  /** Under a tenth of a second. */
  private static final double ROUNDING = 1e-6;

  /** How far back is looked. */
  public static final int DAYS = 120;

  private static final int MIN_TESTS = 3;
  private static final double MIN_SPAN_DAYS = 7;

  /** A colour card of nitrate is off by about a fifth; common practice, no source. */
  private static final double CARD = 0.2;

  /** So much more in a month is worth a word, whatever the kit. */
  private static final double WORTH_A_WORD = 1;

  /** Of the tests of the last {@link #DAYS}; absent where they are too few. */
  public static Optional<NitrateTrend> of(WaterRecord record, double tapMgPerL, LocalDate today) {
    List<WaterTest> tests =
        record.tests().stream()
            .filter(t -> t.value(Parameter.NITRATE).isPresent())
            .filter(t -> !t.day().isBefore(today.minusDays(DAYS)))
            .filter(t -> !t.day().isAfter(today))
            .toList();
    if (tests.size() < MIN_TESTS) {
      return Optional.empty();
    }
    double span = days(tests.get(0), tests.get(tests.size() - 1));
    if (span < MIN_SPAN_DAYS) {
      return Optional.empty();
    }
    double risen = 0;
    double off = 0;
    for (int n = 1; n < tests.size(); n++) {
      WaterTest from = tests.get(n - 1);
      WaterTest to = tests.get(n);
      double left = value(from);
      // A test on the day of a change is taken before it, as the plan says.
      for (WaterEvent change : changes(record, from.day(), to.day())) {
        left = WaterChange.afterMgPerL(left, tapMgPerL, change.amount());
      }
      risen += value(to) - left;
      off += Math.pow(CARD * value(to), 2) + Math.pow(CARD * value(from), 2);
    }
    Line line = Line.through(tests);
    double creep = line.slope * 30;
    double kit = CARD * line.mean / Math.sqrt(tests.size());
    return Optional.of(
        new NitrateTrend(
            risen / span,
            Math.sqrt(off) / span,
            creep,
            creep * span / 30 > 2 * kit && creep > WORTH_A_WORD,
            tests.size()));
  }

  /**
   * The day nitrate passes a value, as it rises from the newest test on, with the changes since
   * then taken out.
   *
   * @param mgPerL as nitrogen
   * @return absent where it does not rise, or was passed before today
   */
  public Optional<LocalDate> passesOn(
      WaterRecord record, double tapMgPerL, double mgPerL, LocalDate today) {
    Optional<WaterTest> newest = record.newestTest(Parameter.NITRATE);
    if (newest.isEmpty() || risePerDay <= 0) {
      return Optional.empty();
    }
    double left = value(newest.get());
    LocalDate at = newest.get().day();
    for (WaterEvent change : changes(record, at, today.plusDays(1))) {
      left += risePerDay * ChronoUnit.DAYS.between(at, change.day());
      left = WaterChange.afterMgPerL(left, tapMgPerL, change.amount());
      at = change.day();
    }
    double days = (mgPerL - left) / risePerDay;
    if (days < 0 || days > FAR_OFF_DAYS) {
      return Optional.empty();
    }
    LocalDate day = at.plusDays((long) Math.ceil(days - ROUNDING));
    return day.isBefore(today) ? Optional.empty() : Optional.of(day);
  }

  private static List<WaterEvent> changes(WaterRecord record, LocalDate from, LocalDate to) {
    List<WaterEvent> all = new ArrayList<>();
    for (WaterEvent event : record.events()) {
      if (event.kind() == WaterEvent.Kind.CHANGE
          && !event.day().isBefore(from)
          && event.day().isBefore(to)) {
        all.add(event);
      }
    }
    return all;
  }

  private static double value(WaterTest test) {
    return test.value(Parameter.NITRATE).orElseThrow();
  }

  private static double days(WaterTest from, WaterTest to) {
    return ChronoUnit.DAYS.between(from.day(), to.day());
  }

  /** Least squares. */
  private record Line(double slope, double mean) {
    static Line through(List<WaterTest> tests) {
      WaterTest first = tests.get(0);
      double x = tests.stream().mapToDouble(t -> days(first, t)).average().orElseThrow();
      double y = tests.stream().mapToDouble(NitrateTrend::value).average().orElseThrow();
      double xx = 0;
      double xy = 0;
      for (WaterTest t : tests) {
        xx += Math.pow(days(first, t) - x, 2);
        xy += (days(first, t) - x) * (value(t) - y);
      }
      return new Line(xx == 0 ? 0 : xy / xx, y);
    }
  }
}
