package app.islet.core.water;

import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the keeper tested and did, each the oldest first.
 *
 * @param corrections under way
 */
public record WaterRecord(
    List<WaterTest> tests, List<WaterEvent> events, List<Correction> corrections) {
  /** Nobody wrote anything down. */
  public static final WaterRecord NONE = new WaterRecord(List.of(), List.of());

  /** A millionth: of what is possible for a value, of a unit for an amount. */
  private static final double ROUNDED = 1e-6;

  public WaterRecord {
    tests = tests.stream().sorted(WaterTest.BY_TIME).toList();
    events = events.stream().sorted(Comparator.comparing(WaterEvent::day)).toList();
    corrections = List.copyOf(corrections);
  }

  /** Without a correction. */
  public WaterRecord(List<WaterTest> tests, List<WaterEvent> events) {
    this(tests, events, List.of());
  }

  public WaterRecord with(List<Correction> underWay) {
    return new WaterRecord(tests, events, underWay);
  }

  /** When somebody last tested the water; what a probe reads by the hour is no test. */
  public Optional<LocalDate> lastTested() {
    return newestFirst().filter(test -> !test.isReading()).findFirst().map(WaterTest::day);
  }

  /** The newest value of it. */
  public OptionalDouble newest(Parameter parameter) {
    return newestTest(parameter).map(test -> test.value(parameter)).orElse(OptionalDouble.empty());
  }

  /** The newest test that tells of it. */
  public Optional<WaterTest> newestTest(Parameter parameter) {
    return newestFirst().filter(test -> test.value(parameter).isPresent()).findFirst();
  }

  /** The newest value of it that is not older than {@code days}. */
  public OptionalDouble newest(Parameter parameter, LocalDate today, int days) {
    return newestTest(parameter)
        .filter(test -> !test.day().isBefore(today.minusDays(days)))
        .map(test -> test.value(parameter))
        .orElse(OptionalDouble.empty());
  }

  /**
   * What of this the other has not. Lines are alike if they say the same of the same day, to a
   * millionth, which a table in other units may be off; two alike here and one there are one more.
   * One that has no time here is alike at any time there.
   */
  public WaterRecord without(WaterRecord other) {
    return new WaterRecord(
        Stream.concat(
                missing(
                    tests.stream().filter(test -> test.time().isEmpty()).toList(),
                    other.tests,
                    test -> List.of(test.day(), rounded(test.values())))
                    .stream(),
                missing(
                    tests.stream().filter(test -> test.time().isPresent()).toList(),
                    other.tests,
                    test -> List.of(test.day(), test.time(), rounded(test.values())))
                    .stream())
            .toList(),
        missing(events, other.events, e -> List.of(e.day(), e.kind(), rounded(e.amount()))));
  }

  private static <T> List<T> missing(List<T> lines, List<T> there, Function<T, Object> says) {
    Map<Object, Integer> left = new HashMap<>();
    there.forEach(line -> left.merge(says.apply(line), 1, Integer::sum));
    return lines.stream()
        .filter(line -> left.merge(says.apply(line), -1, Integer::sum) < 0)
        .toList();
  }

  private static Map<Parameter, Long> rounded(Map<Parameter, Double> values) {
    return values.entrySet().stream()
        .collect(
            Collectors.toMap(
                Map.Entry::getKey,
                e -> {
                  Range possible = e.getKey().possible();
                  return Math.round(e.getValue() / (ROUNDED * (possible.max() - possible.min())));
                }));
  }

  private static long rounded(double amount) {
    return Math.round(amount / ROUNDED);
  }

  Stream<WaterTest> newestFirst() {
    return Stream.iterate(tests.size() - 1, n -> n >= 0, n -> n - 1).map(tests::get);
  }

  /** What was done after the first day, up to and with the second. */
  Stream<WaterEvent> between(LocalDate after, LocalDate upTo) {
    return events.stream().filter(e -> e.day().isAfter(after) && !e.day().isAfter(upTo));
  }

  Stream<WaterEvent> all(WaterEvent.Kind kind) {
    return events.stream().filter(e -> e.kind() == kind);
  }

  /** The same as it was known at the end of that day. */
  WaterRecord until(LocalDate day) {
    return new WaterRecord(
        tests.stream().filter(t -> !t.day().isAfter(day)).toList(),
        events.stream().filter(e -> !e.day().isAfter(day)).toList(),
        corrections);
  }
}
