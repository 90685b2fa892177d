package app.islet.core.water;

import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * How often, and how long, readings were outside a range. Time counts between two readings that
 * follow each other closely; between them the value is taken to go straight from one to the other.
 * What lies in a gap is not known and counts as neither.
 *
 * @param readings in all
 * @param gaps longer than {@link #CLOSE} between two readings that have a time
 */
public record TimeOutside(int readings, Side over, Side under, int gaps, Duration longestGap) {
  /** Further apart than this nobody knows what was between; common practice, no source. */
  public static final Duration CLOSE = Duration.ofHours(2);

  /**
   * One end of the range.
   *
   * @param readings beyond it
   * @param longest time at a stretch beyond it
   */
  public record Side(int readings, Duration time, Duration longest) {}

  /**
   * @param tests the oldest first; those without the parameter are passed over, those without a
   *     time count as readings and bridge no time
   * @param range in the inside units of the parameter
   */
  public static TimeOutside of(List<WaterTest> tests, Parameter parameter, Range range) {
    List<WaterTest> told = tests.stream().filter(t -> t.value(parameter).isPresent()).toList();
    List<WaterTest> timed = told.stream().filter(t -> t.time().isPresent()).toList();
    int gaps = 0;
    Duration longestGap = Duration.ZERO;
    for (int n = 1; n < timed.size(); n++) {
      Duration apart = Duration.between(at(timed.get(n - 1)), at(timed.get(n)));
      if (apart.compareTo(CLOSE) > 0) {
        gaps++;
        longestGap = apart.compareTo(longestGap) > 0 ? apart : longestGap;
      }
    }
    return new TimeOutside(
        told.size(),
        side(told, timed, test -> value(test, parameter) - range.max()),
        side(told, timed, test -> range.min() - value(test, parameter)),
        gaps,
        longestGap);
  }

  public boolean isWithin() {
    return over.readings == 0 && under.readings == 0;
  }

  /**
   * As in "14 of 96 readings above 20 °C, 3 h 10 min in all, 50 min at a stretch".
   *
   * @param range it was asked with
   */
  public Phrase words(Parameter parameter, Range range) {
    Phrase said =
        isWithin()
            ? Phrase.of(
                "{} within {}",
                English.count(readings, "reading"),
                Phrase.range(range, parameter.dimension()))
            : Phrase.of(
                "{}{}{}",
                side(over, "above", new Quantity(parameter.dimension(), range.max())),
                over.readings > 0 && under.readings > 0 ? "; " : "",
                side(under, "below", new Quantity(parameter.dimension(), range.min())));
    return gaps == 0
        ? said
        : Phrase.of(
            gaps == 1 ? "{}; {} of {} not counted" : "{}; {} of up to {} not counted",
            said,
            English.count(gaps, "gap"),
            English.time(longestGap));
  }

  private Phrase side(Side side, String where, Quantity end) {
    if (side.readings == 0) {
      return Phrase.of("");
    }
    Phrase count =
        Phrase.of("{} of {} {} {}", side.readings, English.count(readings, "reading"), where, end);
    if (side.time.isZero()) {
      return count;
    }
    return side.time.equals(side.longest)
        ? Phrase.of("{}, {} at a stretch", count, English.time(side.time))
        : Phrase.of(
            "{}, {} in all, {} at a stretch",
            count,
            English.time(side.time),
            English.time(side.longest));
  }

  /**
   * @param beyond how far a reading lies beyond the end that is asked about
   */
  private static Side side(
      List<WaterTest> told, List<WaterTest> timed, ToDoubleFunction<WaterTest> beyond) {
    double all = 0;
    double stretch = 0;
    double longest = 0;
    for (int n = 1; n < timed.size(); n++) {
      Duration apart = Duration.between(at(timed.get(n - 1)), at(timed.get(n)));
      double from = beyond.applyAsDouble(timed.get(n - 1));
      double to = beyond.applyAsDouble(timed.get(n));
      if (apart.compareTo(CLOSE) > 0 || (from <= 0 && to <= 0)) {
        stretch = 0;
        continue;
      }
      double seconds = apart.toSeconds() * shareAbove(from, to);
      all += seconds;
      stretch = from <= 0 ? seconds : stretch + seconds;
      longest = Math.max(longest, stretch);
    }
    return new Side(
        (int) told.stream().filter(test -> beyond.applyAsDouble(test) > 0).count(),
        Duration.ofSeconds(Math.round(all)),
        Duration.ofSeconds(Math.round(longest)));
  }

  /**
   * Of a straight way from one value to another, at least one of them above zero, the share above.
   */
  private static double shareAbove(double from, double to) {
    return from > 0 && to > 0 ? 1 : Math.max(from, to) / Math.abs(to - from);
  }

  private static double value(WaterTest test, Parameter parameter) {
    return test.value(parameter).orElseThrow();
  }

  private static LocalDateTime at(WaterTest test) {
    return test.day().atTime(test.time().orElseThrow());
  }
}
