package app.islet.web.page.design.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.climate.CalibrationFit.Reading;
import app.islet.core.quantity.UnitSystem;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ReadingLogTest {
  private static ReadingLog read(String text) {
    return ReadingLog.read(text, UnitSystem.METRIC);
  }

  @Test
  void hours_and_days_are_both_times() {
    assertThat(read("0, 24, 20\n1.5, 23, 20").readings())
        .containsExactly(new Reading(0, 24, 20), new Reading(1.5, 23, 20));
    assertThat(read("2026-03-01 08:00, 24, 20\n2026-03-02T08:30, 21.5, 19").readings())
        .containsExactly(new Reading(0, 24, 20), new Reading(24.5, 21.5, 19));
  }

  @Test
  void a_heading_empty_lines_and_semicolons_with_commas_are_understood() {
    ReadingLog log = read("time; water; room\n\n0; 24,5; 20\n2; 23,1; 20,2\n");
    assertThat(log.problems()).isEmpty();
    assertThat(log.readings())
        .containsExactly(new Reading(0, 24.5, 20), new Reading(2, 23.1, 20.2));
  }

  @Test
  void degrees_are_the_keepers_own() {
    Reading reading = ReadingLog.read("0, 77, 68", UnitSystem.US).readings().get(0);
    assertThat(reading.waterC()).isCloseTo(25, within(1e-9));
    assertThat(reading.roomC()).isCloseTo(20, within(1e-9));
  }

  @ParameterizedTest(name = "{0} | {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "2, 23 | line 1: a line should be time, water, room",
        "two, 23, 20 | line 1: \"two\" is not a time",
        "2, 23, warm | line 1: \"warm\" is not a temperature",
        "2, 400, 20 | line 1: waterC must be between -1.8 and 50.0 but was 400.0",
        "2, NaN, 20 | line 1: \"NaN\" is not a temperature",
        "2, 23, 20, 5 | line 1: a line should be"
      })
  void what_is_no_reading_is_refused_with_its_line(String text, String sentence) {
    assertThat(read(text).problems()).singleElement().asString().startsWith(sentence);
  }

  @Test
  void a_refused_line_is_named_by_its_own_number() {
    assertThat(read("time, water, room\n0, 24, 20\n1, x, 20").problems())
        .singleElement()
        .asString()
        .startsWith("line 3: \"x\"");
  }
}
