package app.islet.web.base.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FormTest {
  private static Form form(String value, UnitSystem units) {
    return new Form(Map.of("x", value), units);
  }

  @Test
  void a_note_keeps_as_much_as_its_field_takes() {
    assertThat(form("n".repeat(300), UnitSystem.METRIC).note("x")).hasSize(300);
    assertThat(form("n".repeat(301), UnitSystem.METRIC).note("x")).hasSize(300);
  }

  /** Whoever asks for no more than a note keeps what can be written of it. */
  @Test
  void what_cannot_be_written_is_told_and_never_kept() {
    Form form = form("lost\0 in \u0007the post\nyesterday", UnitSystem.METRIC);
    assertThat(form.error("x")).contains("a character in it that cannot be written");
    assertThat(form.typed("x")).isEqualTo("lost in the post\nyesterday");
    assertThat(form("a\tb\r\nc", UnitSystem.METRIC).hasErrors()).isFalse();
  }

  @ParameterizedTest(name = "\"{0}\" in {1} {2} is {3} inside")
  @CsvSource(
      delimiter = '|',
      value = {
        "12 | METRIC | LENGTH | 12",
        "12,5 | METRIC | LENGTH | 12.5",
        " 12.5 | METRIC | LENGTH | 12.5",
        ".5 | METRIC | LENGTH | 0.5",
        "10 | US | LENGTH | 25.4",
        "68 | US | TEMPERATURE | 20",
        "-4 | US | TEMPERATURE | -20",
        "+3 | METRIC | TEMPERATURE | 3",
        "10 | US | VOLUME | 37.85411784",
        "1 | US | MASS | 28.349523125"
      })
  void numbers_are_read_in_the_keepers_units(
      String typed, UnitSystem units, Dimension dimension, double si) {
    Form form = form(typed, units);
    assertThat(form.number("x", dimension, -50, 1000)).isCloseTo(si, within(1e-9));
    assertThat(form.errors()).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"NaN", "Infinity", "1e5", "60d", "0x10", "1.2.3", "--1", "twelve", "1 2", "½"})
  void what_is_no_number_is_refused_in_a_sentence(String typed) {
    Form form = form(typed, UnitSystem.METRIC);
    form.number("x", Dimension.LENGTH, 1, 100);
    assertThat(form.error("x"))
        .isEqualTo("\"%s\" is not a number. It should be 1 to 100 cm.".formatted(typed));
    assertThat(form.typed("x")).isEqualTo(typed);
  }

  @Test
  void the_range_is_told_in_the_keepers_units() {
    Form form = form("500", UnitSystem.US);
    form.number("x", Dimension.TEMPERATURE, -20, 50);
    assertThat(form.error("x")).isEqualTo("500 is outside what is possible here: -4 to 122 °F.");
  }

  /** The edge as it is written must be accepted, though rounding put it a hair outside. */
  @Test
  void the_edge_as_shown_is_inside() {
    Form form = form("0.39", UnitSystem.US);
    assertThat(form.number("x", Dimension.LENGTH, 1, 100)).isEqualTo(1);
    assertThat(form.hasErrors()).isFalse();
  }

  @Test
  void required_and_optional_differ_where_nothing_is_typed() {
    Form form = form("  ", UnitSystem.METRIC);
    assertThat(form.optional("x", Dimension.LENGTH, 1, 100)).isEmpty();
    assertThat(form.hasErrors()).isFalse();
    form.number("x", Dimension.LENGTH, 1, 100);
    assertThat(form.error("x")).isEqualTo("Please give a number: 1 to 100 cm.");
  }

  @Test
  void whole_numbers_days_and_texts() {
    assertThat(form("7", UnitSystem.METRIC).whole("x", 1, 10, 1)).isEqualTo(7);
    Form half = form("7.5", UnitSystem.METRIC);
    half.whole("x", 1, 10, 1);
    assertThat(half.error("x")).isEqualTo("\"7.5\" should be a whole number from 1 to 10.");
    Form day = form("2026-02-30", UnitSystem.METRIC);
    assertThat(day.date("x")).isEmpty();
    assertThat(day.error("x")).contains("is not a date such as 2026-03-01");
    Form text = form("abcdef", UnitSystem.METRIC);
    text.text("x", 3, "a name");
    assertThat(text.error("x")).isEqualTo("At most 3 characters, please; this has 6.");
  }

  @ParameterizedTest(name = "{0} {1} {2} stands in its field as {3}")
  @CsvSource({
    "90, LENGTH, METRIC, 90",
    "90, LENGTH, US, 35.43",
    "20, TEMPERATURE, US, 68",
    "0.1, LENGTH, METRIC, 0.1",
    "1000, LENGTH, METRIC, 1000",
    "0, LENGTH, US, 0"
  })
  void a_saved_number_stands_in_its_field_as_one_would_type_it(
      double si, Dimension dimension, UnitSystem units, String shown) {
    assertThat(Form.shown(si, dimension, units)).isEqualTo(shown);
  }

  @Test
  void a_field_left_alone_keeps_its_exact_number_through_rounding() {
    Form form = form("23.62", UnitSystem.US);
    assertThat(form.number("x", Dimension.LENGTH, 1, 100))
        .as("typed anew")
        .isCloseTo(59.9948, within(1e-9));
    form.keepExact(Map.of("x", Quantity.cm(60)));
    assertThat(form.number("x", Dimension.LENGTH, 1, 100)).as("left as shown").isEqualTo(60);
  }
}
