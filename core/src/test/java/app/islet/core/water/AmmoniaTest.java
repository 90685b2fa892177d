package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AmmoniaTest {
  /**
   * Per cent of free ammonia in fresh water, Emerson et al. 1975, table 2; typed from memory, the
   * formula and the printed table differ by up to one in a hundred.
   */
  @ParameterizedTest(name = "{0} °C, pH {1}: {2} %")
  @CsvSource({
    "5, 8, 1.23",
    "10, 7, 0.186",
    "10, 8, 1.83",
    "15, 7, 0.273",
    "20, 7, 0.396",
    "20, 8, 3.82",
    "25, 7, 0.566",
    "25, 8, 5.38",
    "30, 9, 44.6"
  })
  void matches_the_published_percentages(double waterC, double ph, double percent) {
    assertThat(100 * Ammonia.freeShare(waterC, ph)).isCloseTo(percent, within(0.012 * percent));
  }

  @Test
  void warmth_and_ph_only_add_to_the_poison() {
    for (double ph = 4; ph < 11; ph += 0.25) {
      for (double c = -1; c < 39; c += 4) {
        assertThat(Ammonia.freeShare(c + 1, ph)).isGreaterThan(Ammonia.freeShare(c, ph));
        assertThat(Ammonia.freeShare(c, ph + 0.01))
            .isGreaterThan(Ammonia.freeShare(c, ph))
            .isBetween(0.0, 1.0);
      }
    }
  }

  /** Half is free where the pH is the pKa. */
  @Test
  void at_its_own_pka_half_is_free() {
    assertThat(Ammonia.freeShare(25, 0.09018 + 2729.92 / 298.15)).isCloseTo(0.5, within(1e-12));
  }

  @Test
  void what_is_outside_its_range_is_refused() {
    assertThatThrownBy(() -> Ammonia.freeShare(20, 3.9)).hasMessageContaining("ph must be");
    assertThatThrownBy(() -> Ammonia.freeShare(Double.NaN, 7))
        .hasMessageContaining("waterC must be");
  }
}
