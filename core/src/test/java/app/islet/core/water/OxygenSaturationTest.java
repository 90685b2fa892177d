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
class OxygenSaturationTest {
  /**
   * USGS Office of Water Quality Technical Memorandum 2011.03, tables from Benson and Krause 1984,
   * at 760 mm Hg; values typed from memory.
   */
  @ParameterizedTest(name = "fresh water of {0} °C holds {1} mg/L")
  @CsvSource({"0, 14.62", "5, 12.77", "10, 11.29", "15, 10.08", "20, 9.09", "25, 8.26", "30, 7.56"})
  void matches_the_published_table(double waterC, double mgPerL) {
    assertThat(OxygenSaturation.mgPerL(waterC, 0)).isCloseTo(mgPerL, within(0.006));
  }

  /** Sea water of 35 g/kg at 20 °C holds 7.38 mg/L; Benson and Krause 1984, from memory. */
  @Test
  void salt_drives_oxygen_out() {
    assertThat(OxygenSaturation.mgPerL(20, 35)).isCloseTo(7.38, within(0.02));
    for (double ppt = 1; ppt <= 45; ppt++) {
      assertThat(OxygenSaturation.mgPerL(20, ppt)).isLessThan(OxygenSaturation.mgPerL(20, ppt - 1));
    }
  }

  /**
   * USGS tables at other pressures, mm Hg turned into hPa; values typed from memory, to two places.
   */
  @ParameterizedTest(name = "{0} °C at {1} mm Hg: {2} mg/L")
  @CsvSource({"20, 760, 9.09", "20, 740, 8.85", "20, 700, 8.36", "10, 700, 10.38", "30, 700, 6.94"})
  void thin_air_leaves_less_of_it(double waterC, double mmHg, double mgPerL) {
    assertThat(OxygenSaturation.mgPerL(waterC, 0, mmHg * 1013.25 / 760))
        .isCloseTo(mgPerL, within(0.015));
  }

  @Test
  void at_sea_level_the_pressure_makes_no_difference() {
    assertThat(OxygenSaturation.mgPerL(17, 12, OxygenSaturation.SEA_LEVEL_HPA))
        .isCloseTo(OxygenSaturation.mgPerL(17, 12), within(1e-12));
  }

  @Test
  void what_is_outside_its_range_is_refused() {
    assertThatThrownBy(() -> OxygenSaturation.mgPerL(41, 0))
        .hasMessageContaining("waterC must be between -1.8");
    assertThatThrownBy(() -> OxygenSaturation.mgPerL(Double.NaN, 0)).hasMessageContaining("waterC");
    assertThatThrownBy(() -> OxygenSaturation.mgPerL(20, -1)).hasMessageContaining("salinityPpt");
  }
}
