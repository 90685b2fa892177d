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
class SeaWaterTest {
  /** Check values at one atmosphere of Fofonoff and Millard 1983, UNESCO 44. */
  @ParameterizedTest(name = "{1} g/kg at {0} °C: {2} kg/m³")
  @CsvSource({"5, 0, 999.96675", "5, 35, 1027.67547", "25, 0, 997.04796", "25, 35, 1023.34306"})
  void density_is_that_of_the_equation_of_state(double t, double s, double rho) {
    assertThat(SeaWater.densityKgPerM3(t, s)).isCloseTo(rho, within(5e-6));
  }

  @Test
  void less_salt_than_there_is_cannot_be_mixed() {
    assertThatThrownBy(() -> SaltMix.saltG(100, 20, 10, 25))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
