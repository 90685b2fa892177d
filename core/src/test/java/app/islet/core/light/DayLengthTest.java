package app.islet.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DayLengthTest {
  private static final double MINUTE = 1 / 60.0;

  /**
   * Almanac day lengths of the longest and shortest days (London, Washington, Sydney); the hours
   * and minutes are from memory.
   */
  @ParameterizedTest(name = "{0} at {1}, {2}: {3} h")
  @CsvSource({
    "2026-06-21, 51.5074, -0.1278, 16.639",
    "2026-12-21, 51.5074, -0.1278, 7.829",
    "2026-06-21, 38.9, -77.04, 14.900",
    "2026-12-21, 38.9, -77.04, 9.440",
    "2026-12-22, -33.87, 151.21, 14.410"
  })
  void days_are_as_long_as_the_almanac_says(
      LocalDate day, double latitude, double longitude, double hours) {
    assertThat(DayLength.on(day, latitude, longitude).hours())
        .isCloseTo(hours, within(1.5 * MINUTE));
  }

  @ParameterizedTest(name = "{0}: {1} h in Tromsø")
  @CsvSource({"2026-06-21, 24", "2026-12-21, 0"})
  void far_north_the_sun_does_not_set_or_does_not_rise(LocalDate day, double hours) {
    assertThat(DayLength.on(day, 69.65, 18.96).hours()).isEqualTo(hours);
  }

  /** Refraction and the disc's half width give the equator a few minutes more than twelve hours. */
  @Test
  void at_the_equator_every_day_is_twelve_hours_and_seven_minutes() {
    for (int month = 1; month <= 12; month++) {
      for (double longitude : new double[] {-180, -75, 0, 100, 180}) {
        assertThat(DayLength.on(LocalDate.of(2026, month, 5), 0, longitude).hours())
            .isCloseTo(12 + 7 * MINUTE, within(1.2 * MINUTE));
      }
    }
  }

  @Test
  void the_length_changes_little_from_day_to_day_up_to_the_polar_day() {
    double last = DayLength.on(LocalDate.of(2026, 3, 1), 66, 25).hours();
    for (int day = 1; day < 110; day++) {
      double hours = DayLength.on(LocalDate.of(2026, 3, 1).plusDays(day), 66, 25).hours();
      assertThat(hours).isBetween(last - MINUTE, last + 0.4);
      last = hours;
    }
  }

  @Test
  void a_place_that_is_none_is_refused() {
    assertThatThrownBy(() -> DayLength.on(LocalDate.of(2026, 1, 1), Double.NaN, 0))
        .hasMessage("latitude must be between -90.0 and 90.0 but was NaN");
  }
}
