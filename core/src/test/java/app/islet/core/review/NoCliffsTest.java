package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.situation.HusbandryState;
import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A millimetre, a tenth of a watt or of a degree makes no finding two grades graver, or milder. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class NoCliffsTest {
  private static final double STEP = 0.1;

  /** Counts, and lengths that make another stage of an animal. */
  private static final Pattern NOT_GRADUAL =
      Pattern.compile("/residents/.*|.*(version|count|[mM]ales|furtherWaysOut|spareShells)");

  /** Told cell by cell of a raster. */
  private static final Set<String> BY_CELLS =
      Set.of("no-basking-place", "stones-undermined", "lamp-misses-place");

  @ParameterizedTest
  @ValueSource(ints = 100)
  void in_designs_at_random(int designs) throws IOException {
    atRandom(designs);
  }

  @Tag("long")
  @ParameterizedTest
  @ValueSource(ints = 2000)
  void in_very_many(int designs) throws IOException {
    atRandom(designs);
  }

  private static void atRandom(int designs) throws IOException {
    List<SampleDocument> samples = SampleDocument.all().toList();
    Random random = new Random(35);
    List<String> cliffs = new ArrayList<>();
    int searched = 0;
    for (int n = 0; n < designs; n++) {
      SampleDocument design = samples.get(n % samples.size()).spoiled(random);
      List<Map.Entry<String, Double>> numbers =
          design.numbers().entrySet().stream()
              .filter(e -> !NOT_GRADUAL.matcher(e.getKey()).matches() && e.getValue() > 1)
              .toList();
      Map.Entry<String, Double> number = numbers.get(random.nextInt(numbers.size()));
      try {
        cliffs.addAll(widest(design, number.getKey(), number.getValue()));
        searched++;
      } catch (UnreadableException outOfRange) {
        // Not every number goes with every other; such a design nobody can enter.
      }
    }
    assertThat(cliffs).isEmpty();
    assertThat(searched).isGreaterThan(designs / 4);
  }

  private static List<String> widest(SampleDocument design, String field, double value) {
    try {
      return cliffs(design, field, 0.6 * value, 1.5 * value);
    } catch (UnreadableException tooWide) {
      return cliffs(design, field, 0.9 * value, 1.1 * value);
    }
  }

  /** Closes in on the place where a rule says something two grades graver, and looks at it. */
  private static List<String> cliffs(SampleDocument design, String field, double from, double to) {
    double low = from;
    double high = to;
    Map<String, Severity> before = design.judged(field, low);
    Map<String, Severity> after = design.judged(field, high);
    while (high - low > STEP && jumps(before, after)) {
      double middle = (low + high) / 2;
      Map<String, Severity> between = design.judged(field, middle);
      if (jumps(before, between)) {
        high = middle;
        after = between;
      } else {
        low = middle;
        before = between;
      }
    }
    List<String> cliffs = new ArrayList<>();
    if (jumps(before, after)
        && !isAnother(design.situation(field, low), design.situation(field, high))) {
      String where = "%s %s %.3f".formatted(design.name(), field, low);
      cliff(before, after, where, cliffs);
      cliff(after, before, where, cliffs);
    }
    return cliffs;
  }

  /** Water or none, land or none: no matter of more or less. */
  private static boolean isAnother(HusbandryState one, HusbandryState other) {
    return one.geometry().hasWater() != other.geometry().hasWater()
        || one.geometry().dryLandCm2() > 0 != other.geometry().dryLandCm2() > 0;
  }

  private static boolean jumps(Map<String, Severity> one, Map<String, Severity> other) {
    return Stream.concat(one.keySet().stream(), other.keySet().stream())
        .filter(rule -> !BY_CELLS.contains(rule))
        .anyMatch(
            rule ->
                Math.abs(
                        grade(one.getOrDefault(rule, Severity.NOTE))
                            - grade(other.getOrDefault(rule, Severity.NOTE)))
                    >= 2);
  }

  private static void cliff(
      Map<String, Severity> quiet, Map<String, Severity> loud, String where, List<String> to) {
    loud.forEach(
        (rule, severity) -> {
          boolean jumps = grade(severity) - grade(quiet.getOrDefault(rule, Severity.NOTE)) >= 2;
          boolean toldByAnother =
              quiet.entrySet().stream()
                  .anyMatch(
                      e ->
                          e.getValue().compareTo(severity) <= 0
                              && !e.getValue().equals(loud.get(e.getKey())));
          if (jumps && !toldByAnother && !BY_CELLS.contains(rule)) {
            to.add("%s: %s is %s".formatted(where, rule, severity));
          }
        });
  }

  private static int grade(Severity severity) {
    return Severity.NOTE.ordinal() - severity.ordinal();
  }
}
