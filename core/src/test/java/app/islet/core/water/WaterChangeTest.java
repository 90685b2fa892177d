package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Dilution is conservation of mass; the expected numbers are worked by hand. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WaterChangeTest {
  @ParameterizedTest(name = "{0} mg/L, tap {1}, {2} % changed: {3}")
  @CsvSource({
    "40, 0, 25, 30",
    "40, 10, 50, 25",
    "40, 40, 80, 40",
    "5, 10, 100, 10",
    "40, 0, 0, 40"
  })
  void one_change_dilutes(double now, double tap, double percent, double after) {
    assertThat(WaterChange.afterMgPerL(now, tap, percent)).isCloseTo(after, within(1e-12));
  }

  @ParameterizedTest(name = "{0} to {1}, tap {2}, at most {3} %: {4} of {5} %")
  @CsvSource({
    "100, 51.2, 0, 20, 3, 20",
    "100, 50, 0, 100, 1, 50",
    "80, 20, 0, 50, 2, 50",
    "60, 20, 10, 25, 6, 23.5275",
    "20, 40, 0, 20, 0, 0",
    "40, 40, 0, 20, 0, 0"
  })
  void the_fewest_equal_changes_are_found(
      double now, double target, double tap, double most, int changes, double each) {
    WaterChange.Steps steps = WaterChange.to(now, target, tap, most);
    assertThat(steps.changes()).isEqualTo(changes);
    assertThat(steps.percentEach()).isCloseTo(each, within(1e-4));
  }

  @Test
  void the_changes_found_do_reach_the_target_and_one_less_would_not() {
    for (double most = 5; most <= 95; most += 7) {
      WaterChange.Steps steps = WaterChange.to(100, 12, 3, most);
      double value = 100;
      for (int i = 0; i < steps.changes(); i++) {
        value = WaterChange.afterMgPerL(value, 3, steps.percentEach());
      }
      assertThat(value).isCloseTo(12, within(1e-9));
      assertThat(3 + 97 * Math.pow(1 - most / 100, steps.changes() - 1)).isGreaterThan(12 - 1e-9);
    }
  }

  @Test
  void a_target_no_change_can_reach_is_refused() {
    assertThatThrownBy(() -> WaterChange.to(40, 10, 10, 50))
        .hasMessageContaining("must be above tapMgPerL");
  }

  /** Timmons and Ebeling: 1 kg of feed with 35 % protein makes about 32 g of ammonia nitrogen. */
  @Test
  void feed_makes_ammonia_as_in_the_handbook() {
    assertThat(Ammonia.tanG(1000, 35)).isCloseTo(32.2, within(1e-9));
  }
}
