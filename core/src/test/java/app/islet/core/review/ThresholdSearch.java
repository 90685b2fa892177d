package app.islet.core.review;

import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * Finds where a rule turns: sets each number of each sample lower and higher until a rule says
 * something else, and closes in on the place. Writes the table that {@link ThresholdTableTest}
 * holds the rules to; run it after a threshold was changed on purpose, and read what it changed.
 */
public final class ThresholdSearch {
  private static final Path TABLE =
      Path.of("src/test/resources/app/islet/core/review/thresholds.csv");
  private static final double[] TIMES = {
    0, 0.05, 0.12, 0.25, 0.4, 0.55, 0.7, 0.85, 1, 1.15, 1.3, 1.6, 2, 2.7, 4, 7, 12
  };
  private static final double[] FROM_ZERO = {0, 0.3, 1, 3, 8, 20, 50, 90};
  private static final Set<String> WHOLE = Set.of("count", "males", "females", "furtherWaysOut");

  /** So many samples show one turn of one rule by one kind of number. */
  private static final int EACH = 2;

  private final SampleDocument sample;
  private final String field;
  private final boolean whole;
  private final Map<Double, Optional<Map<String, Severity>>> asked = new HashMap<>();

  private ThresholdSearch(SampleDocument sample, String field) {
    this.sample = sample;
    this.field = field;
    whole = WHOLE.contains(field.substring(field.lastIndexOf('/') + 1));
  }

  private Optional<Map<String, Severity>> ask(double value) {
    return asked.computeIfAbsent(
        value,
        v -> {
          try {
            return Optional.of(sample.judged(field, v));
          } catch (UnreadableException refused) {
            return Optional.empty();
          }
        });
  }

  private String says(double value, String rule) {
    return ask(value).map(all -> word(all.get(rule))).orElse("refused");
  }

  static String word(Severity severity) {
    return severity == null ? "silent" : severity.word();
  }

  private List<String> turns(double now) {
    List<Double> at = new ArrayList<>();
    for (double times : now == 0 ? FROM_ZERO : TIMES) {
      double value = now == 0 ? times : now * times;
      at.add(whole ? Math.rint(value) : value);
    }
    List<Double> values = at.stream().distinct().filter(v -> ask(v).isPresent()).toList();
    List<String> rows = new ArrayList<>();
    for (int i = 1; i < values.size(); i++) {
      double low = values.get(i - 1);
      double high = values.get(i);
      Set<String> rules = new TreeSet<>(ask(low).orElseThrow().keySet());
      rules.addAll(ask(high).orElseThrow().keySet());
      for (String rule : rules) {
        if (!says(low, rule).equals(says(high, rule))) {
          turn(rule, low, high).ifPresent(rows::add);
        }
      }
    }
    return rows;
  }

  private Optional<String> turn(String rule, double from, double to) {
    double low = from;
    double high = to;
    double near = whole ? 1 : Math.max(0.004, Math.abs(to) / 1000);
    while (high - low > near) {
      double middle = whole ? Math.rint((low + high) / 2) : (low + high) / 2;
      if (ask(middle).isEmpty() || middle == low || middle == high) {
        return Optional.empty();
      }
      if (says(middle, rule).equals(says(low, rule))) {
        low = middle;
      } else {
        high = middle;
      }
    }
    low = Math.floor(low * 1000) / 1000;
    high = Math.ceil(high * 1000) / 1000;
    boolean turns = ask(low).isPresent() && ask(high).isPresent();
    return turns && !says(low, rule).equals(says(high, rule))
        ? Optional.of(
            String.join(
                ",",
                rule,
                sample.name(),
                field,
                plain(low),
                plain(high),
                says(low, rule),
                says(high, rule)))
        : Optional.empty();
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
  }

  /** The kind of turn: of two stones of one sample the first will do. */
  private static String kind(String row) {
    String[] cells = row.split(",");
    return cells[0] + cells[2].replaceAll("/\\d+/", "/") + cells[5] + cells[6];
  }

  public static void main(String[] args) throws IOException {
    Map<String, Integer> shown = new HashMap<>();
    List<String> rows = new ArrayList<>();
    try (Stream<SampleDocument> samples =
        SampleDocument.all().sorted((a, b) -> a.name().compareTo(b.name()))) {
      samples.forEach(
          sample ->
              sample
                  .numbers()
                  .forEach(
                      (field, now) ->
                          new ThresholdSearch(sample, field)
                              .turns(now).stream()
                                  .filter(row -> shown.merge(kind(row), 1, Integer::sum) <= EACH)
                                  .forEach(rows::add)));
    }
    List<String> table = new ArrayList<>();
    table.add("rule,sample,number,below,above,says below,says above");
    rows.stream().sorted().forEach(table::add);
    Files.createDirectories(TABLE.getParent());
    Files.write(TABLE, table);
  }
}
