package app.islet.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Factors by NIST SP 811, appendix B. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TypedNumberTest {
  @ParameterizedTest(name = "{0} is {2} inside")
  @CsvSource({
    "68F, TEMPERATURE, 20",
    "68 °F, TEMPERATURE, 20",
    "'20,5 C', TEMPERATURE, 20.5",
    "48 in, LENGTH, 121.92",
    "4ft, LENGTH, 121.92",
    "1.2 m, LENGTH, 120",
    "6 mm, THICKNESS, 6",
    "5 gal, VOLUME, 18.92705892",
    "500 ml, VOLUME, 0.5",
    "2 oz, MASS, 56.69904625",
    "100 gph, FLOW, 378.5411784",
    "10 ppm, HARDNESS, 0.560287",
    "30 %, PERCENT, 30"
  })
  void a_unit_that_is_typed_counts_before_the_one_that_was_chosen(
      String text, Dimension dimension, double inside) {
    for (UnitSystem units : UnitSystem.values()) {
      assertThat(TypedNumber.parse(text, dimension, units).orElseThrow())
          .isCloseTo(inside, within(1e-6));
    }
  }

  @ParameterizedTest
  @CsvSource({"METRIC, 10", "US, 25.4"})
  void a_bare_number_is_in_the_units_chosen(UnitSystem units, double cm) {
    assertThat(TypedNumber.parse("10", Dimension.LENGTH, units).orElseThrow())
        .isCloseTo(cm, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"deep", "10 gal", "1 2", "NaN", "", "-", "1e5", "10 cm cm"})
  void what_is_no_length_is_none(String text) {
    assertThat(TypedNumber.parse(text, Dimension.LENGTH, UnitSystem.METRIC)).isEmpty();
  }
}
