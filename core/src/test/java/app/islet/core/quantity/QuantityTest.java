package app.islet.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class QuantityTest {
  /** Factors: NIST SP 811, appendix B. */
  @ParameterizedTest(name = "{0} {1} is {2}")
  @CsvSource({
    "LENGTH, 2.54, 1 in",
    "VOLUME, 3.785411784, 1 gal",
    "TEMPERATURE, 20, 68 °F",
    "TEMPERATURE, -40, -40 °F",
    "TEMPERATURE_DIFFERENCE, 5, 9 °F",
    "MASS, 28.349523125, 1 oz",
    "AREA, 6.4516, 1 in²",
    "POWER, 100, 100 W"
  })
  void us_customary_units(Dimension dimension, double si, String text) {
    assertThat(new Quantity(dimension, si).text(UnitSystem.US)).isEqualTo(text);
  }

  @ParameterizedTest
  @EnumSource(Dimension.class)
  void there_and_back_is_the_same(Dimension dimension) {
    for (UnitSystem units : UnitSystem.values()) {
      assertThat(dimension.toSi(dimension.toUnit(17.3, units), units))
          .isCloseTo(17.3, within(1e-12));
    }
  }

  @ParameterizedTest(name = "{0} cm reads {1}")
  @CsvSource({"11.04, 11 cm", "11.06, 11.1 cm", "0.254, 0.25 cm", "160.4, 160 cm", "-0.001, 0 cm"})
  void numbers_show_the_places_worth_reading(double cm, String text) {
    assertThat(Quantity.cm(cm).text(UnitSystem.METRIC)).isEqualTo(text);
  }

  @Test
  void a_phrase_reads_in_either_units() {
    Phrase phrase =
        Phrase.of(
            "Lower it to {}, at {}; {}.",
            Quantity.cm(10),
            Phrase.range(new Range(15, 18), Dimension.TEMPERATURE),
            "soon");
    assertThat(phrase.text(UnitSystem.METRIC))
        .isEqualTo("Lower it to 10 cm, at 15 to 18 °C; soon.");
    assertThat(phrase.text(UnitSystem.US)).isEqualTo("Lower it to 3.9 in, at 59 to 64.4 °F; soon.");
  }

  @Test
  void a_range_must_run_forward() {
    assertThatThrownBy(() -> new Range(2, 1))
        .hasMessage("a range must not end before it begins: 2.0 to 1.0");
    assertThatThrownBy(() -> new Range(Double.NaN, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThat(new Range(1, 3).overlap(new Range(3, 5))).contains(new Range(3, 3));
    assertThat(new Range(1, 2).overlap(new Range(3, 5))).isEmpty();
  }

  /** The library's own rounding, its zeros at the end taken off. */
  @Test
  void numbers_are_rounded_as_the_formatter_rounds_them() {
    Random dice = new Random(3);
    for (int n = 0; n < 20_000; n++) {
      double value = (dice.nextDouble() - 0.5) * Math.pow(10, dice.nextInt(9) - 2);
      String said = Dimension.CONCENTRATION.number(value, UnitSystem.METRIC);
      int places = Math.abs(value) >= 100 ? 0 : 2;
      String formatted =
          new BigDecimal(String.format(Locale.ROOT, "%." + places + "f", value))
              .stripTrailingZeros()
              .toPlainString();
      assertThat(said).isEqualTo(formatted.equals("-0") ? "0" : formatted);
    }
    assertThat(Dimension.RATIO.number(1e300, UnitSystem.METRIC)).startsWith("1").hasSize(301);
  }
}
