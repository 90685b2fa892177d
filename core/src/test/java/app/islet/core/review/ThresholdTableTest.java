package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeFalse;

import app.islet.core.situation.HusbandryState;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * Both sides of every threshold a sample can be moved over: just below it a rule says one thing,
 * just above another. {@link ThresholdSearch} found them; a row that turns elsewhere is a rule that
 * was changed.
 */
class ThresholdTableTest {
  @ParameterizedTest(name = "{0}: {1} {2} at {3} {5}, at {4} {6}")
  @CsvFileSource(resources = "thresholds.csv", numLinesToSkip = 1)
  void a_rule_turns_where_the_table_says(
      String rule,
      String sample,
      String number,
      double below,
      double above,
      String saysBelow,
      String saysAbove) {
    SampleDocument document = SampleDocument.read(sample);
    assertThat(ThresholdSearch.word(document.judged(number, below).get(rule)))
        .as("at %s", below)
        .isEqualTo(saysBelow);
    assertThat(ThresholdSearch.word(document.judged(number, above).get(rule)))
        .as("at %s", above)
        .isEqualTo(saysAbove);
  }

  /** A number that is something or nothing, a count, a length that makes another stage of it. */
  private static final Pattern NOT_GRADUAL =
      Pattern.compile("/residents/.*|.*(count|[mM]ales|Out)");

  /**
   * Told cell by cell of a raster whether a body finds its place among parts, whether a stone
   * stands in the ground, and, of a bank as steep as a wall, whether its foot is under water.
   */
  private static final Set<String> BY_CELLS = Set.of("no-basking-place", "stones-undermined");

  /** Less is a film of water, cm. */
  private static final double FILM_CM = 0.3;

  /** Water or none, land or none: no matter of more or less either. */
  private static boolean isAnother(HusbandryState one, HusbandryState other) {
    return one.geometry().hasWater() != other.geometry().hasWater()
        || one.geometry().dryLandCm2() == 0 != (other.geometry().dryLandCm2() == 0);
  }

  /** A change too small to be typed makes no finding two grades graver, nor milder. */
  @ParameterizedTest(name = "{0}: {1} {2} at {3} {5}, at {4} {6}")
  @CsvFileSource(resources = "thresholds.csv", numLinesToSkip = 1)
  void no_rule_is_a_cliff(
      String rule,
      String sample,
      String number,
      double below,
      double above,
      String saysBelow,
      String saysAbove) {
    assumeFalse(below < FILM_CM || NOT_GRADUAL.matcher(number).matches());
    assumeFalse(BY_CELLS.contains(rule));
    if (Math.abs(grade(saysBelow) - grade(saysAbove)) >= 2) {
      SampleDocument document = SampleDocument.read(sample);
      assumeFalse(isAnother(document.situation(number, below), document.situation(number, above)));
      boolean louderBelow = grade(saysBelow) > grade(saysAbove);
      Map<String, Severity> quiet = document.judged(number, louderBelow ? above : below);
      Map<String, Severity> loud = document.judged(number, louderBelow ? below : above);
      assertThat(quiet.entrySet())
          .as("another rule tells it instead, as gravely")
          .anyMatch(
              told ->
                  told.getValue().compareTo(loud.get(rule)) <= 0
                      && !told.getValue().equals(loud.get(told.getKey())));
    }
  }

  private static int grade(String says) {
    return switch (says) {
      case "Danger" -> 3;
      case "Wrong" -> 2;
      case "Watch" -> 1;
      default -> 0;
    };
  }
}
