package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;

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
}
