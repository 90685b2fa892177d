package app.islet.core.review;

import static app.islet.core.review.Severity.DANGER;
import static app.islet.core.review.Severity.WATCH;
import static app.islet.core.review.Severity.WRONG;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The table of margins is an assumption of ours; common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MarginTest {
  @ParameterizedTest(name = "{0} {1}, {2}: {3}")
  @CsvSource({
    "LENGTH, 8, practice, 1",
    "LENGTH, 40, practice, 4",
    "LENGTH, 40, published: a handbook, 2",
    "LENGTH, 40, memory, 8",
    "LENGTH, 2, practice, 0.3",
    "AREA, 1000, practice, 100",
    "VOLUME, 75, memory, 15",
    "TEMPERATURE, 20, memory, 0.5",
    "PERCENT, 80, practice, 5",
    "ANGLE, 40, memory, 3",
    "SALINITY, 5, practice, 1",
    "SALINITY, 35, practice, 3.5",
    "PH, 7, keeper: mine, 0.35"
  })
  void the_margin_is_the_larger_of_rounding_and_basis(
      Dimension dimension, double need, String basis, double margin) {
    assertThat(Margin.of(need, dimension, Evidence.of(basis))).isCloseTo(margin, within(1e-9));
  }

  @Test
  void seven_of_eight_centimetres_is_watched_and_six_is_wrong() {
    assertThat(Margin.below(8, 8, Dimension.LENGTH, Evidence.PRACTICE, DANGER)).isEmpty();
    assertThat(Margin.below(7, 8, Dimension.LENGTH, Evidence.PRACTICE, DANGER)).contains(WATCH);
    assertThat(Margin.below(6, 8, Dimension.LENGTH, Evidence.PRACTICE, DANGER)).contains(WRONG);
    assertThat(Margin.below(5.9, 8, Dimension.LENGTH, Evidence.PRACTICE, DANGER)).contains(DANGER);
    assertThat(Margin.below(1, 8, Dimension.LENGTH, Evidence.PRACTICE, WATCH)).contains(WATCH);
    assertThat(Margin.above(9, 8, Dimension.LENGTH, Evidence.PRACTICE, DANGER)).contains(WATCH);
    assertThat(Margin.above(10.1, 8, Dimension.LENGTH, Evidence.PRACTICE, DANGER)).contains(DANGER);
  }

  @Test
  void what_is_no_number_goes_by_the_nearest_that_is_well() {
    assertThat(Margin.near(5, 1, x -> x > 5.5, DANGER)).isEqualTo(WATCH);
    assertThat(Margin.near(5, 1, x -> x < 3.5, DANGER)).isEqualTo(WRONG);
    assertThat(Margin.near(5, 1, x -> x > 8, DANGER)).isEqualTo(DANGER);
  }
}
