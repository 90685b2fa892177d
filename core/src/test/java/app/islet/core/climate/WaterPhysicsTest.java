package app.islet.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Closed forms and published numbers of wet bulb, evaporation, approach and ice. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WaterPhysicsTest {
  /**
   * Stull (2011), J. Appl. Meteorol. Climatol. 50: 20 °C and 50 % give 13.7 °C, by a fit good to
   * 0.3 K. The others as read off a psychrometric chart, from memory.
   */
  @ParameterizedTest(name = "{0} °C, {1} %: {2} °C")
  @CsvSource({"20, 50, 13.7, 0.3", "25, 50, 17.9, 0.2", "30, 50, 22.0, 0.2", "10, 80, 8.2, 0.2"})
  void wet_bulb_follows_the_chart(double airC, double rh, double wetC, double tolerance) {
    assertThat(WetBulb.celsius(airC, rh)).isCloseTo(wetC, within(tolerance));
  }

  @ParameterizedTest(name = "saturated air of {0} °C")
  @ValueSource(doubles = {-20, -5, 0, 15, 37, 50})
  void saturated_air_cools_nothing(double airC) {
    assertThat(WetBulb.celsius(airC, 100)).isCloseTo(airC, within(1e-6));
    assertThat(WetBulb.celsius(airC, 0)).isLessThan(airC);
  }

  /** Enthalpies of moist air, ASHRAE Handbook, Fundamentals, chapter 1, equation 30. */
  @ParameterizedTest(name = "{0} °C, {1} %")
  @CsvSource({"20, 50", "35, 20", "5, 70", "50, 0"})
  void at_the_wet_bulb_air_and_water_together_keep_their_enthalpy(double airC, double rh) {
    double wet = WetBulb.celsius(airC, rh);
    double has = ratio(rh / 100 * MoistAir.saturationKpa(airC));
    double saturated = ratio(MoistAir.saturationKpa(wet));
    double before = enthalpy(airC, has) + (saturated - has) * 4.186 * wet;
    assertThat(before).isCloseTo(enthalpy(wet, saturated), within(0.002));
  }

  private static double ratio(double kpa) {
    return 0.621945 * kpa / (101.325 - kpa);
  }

  private static double enthalpy(double airC, double ratio) {
    return 1.006 * airC + ratio * (2501 + 1.86 * airC);
  }

  /** The Handbook's short form for 0.1 m/s and 2400 kJ/kg: 4e-5 kg/s for each m² and kPa. */
  @Test
  void evaporation_agrees_with_the_handbooks_short_form() {
    double drive = MoistAir.saturationKpa(28) - 0.5 * MoistAir.saturationKpa(29);
    assertThat(Evaporation.kgPerS(28, 29, 50, 10, 0.1, 1))
        .isCloseTo(4e-5 * 10 * drive, within(4e-5 * 10 * drive * 0.02));
  }

  @Test
  void water_nears_its_limit_exponentially() {
    Approach chilled = new Approach(100, 25, 10, -100);
    assertThat(chilled.limitC()).isEqualTo(15);
    assertThat(chilled.timeConstantHours()).isCloseTo(418_600 / 36_000.0, within(1e-9));
    double hours = chilled.hours(24, 18);
    assertThat(hours).isCloseTo(418_600 / 36_000.0 * Math.log(3), within(1e-9));
    assertThat(chilled.afterHours(24, hours)).isCloseTo(18, within(1e-9));
    assertThat(chilled.hours(24, 24)).isZero();
    assertThat(chilled.reaches(24, 15)).isFalse();
    assertThatThrownBy(() -> chilled.hours(24, 14))
        .hasMessage("water of 24.0 °C never reaches 14.0 °C; it ends at 15.0 °C");
  }

  @Test
  void a_heater_mirrors_a_chiller() {
    assertThat(new Approach(60, 20, 5, 50).hours(22, 27))
        .isCloseTo(new Approach(60, 20, 5, -50).hours(18, 13), within(1e-12));
  }

  @Test
  void ice_melts_for_as_much_heat_as_the_water_has() {
    // 1 kg of ice at 0 °C and the water that just melts it: 334 / (4.186 * 10) = 7.979 kg.
    assertThat(IceBath.finalC(334 / 41.86, 10, 1, 0)).isCloseTo(0, within(1e-9));
    assertThat(IceBath.finalC(20, 24, 0, -18)).isCloseTo(24, within(1e-9));
    assertThat(IceBath.finalC(10, 20, 1, 0))
        .isCloseTo((10 * 4.186 * 20 - 334) / (11 * 4.186), within(1e-9));
    assertThat(IceBath.finalC(10, 5, 1, -18)).as("melts in part").isZero();
    assertThat(IceBath.finalC(1, 2, 100, -20)).as("freezes all").isBetween(-20.0, 0.0);
  }
}
