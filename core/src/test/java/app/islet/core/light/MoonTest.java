package app.islet.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.shredzone.commons.suncalc.MoonIllumination;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MoonTest {
  /** Meeus, Astronomical Algorithms, example 47.a: 1992 April 12, 0 h TD. */
  @Test
  void the_moon_stands_where_the_book_has_it() {
    Moon.Position moon = Moon.Position.at(-0.077221081451);
    assertThat(moon.longitudeDeg()).isCloseTo(133.162655, within(0.02));
    assertThat(moon.latitudeDeg()).isCloseTo(-3.229126, within(0.02));
    assertThat(moon.distanceKm()).isCloseTo(368_409.7, within(60.0));
  }

  /** Meeus, example 48.a: k = 0.6786, the moon one day past its first quarter. */
  @Test
  void the_lit_share_of_the_books_example() {
    Moon moon = Moon.at(Instant.parse("1992-04-12T00:00:00Z"));
    assertThat(moon.illuminated()).isCloseTo(0.6786, within(0.0002));
    assertThat(moon.waxing()).isTrue();
  }

  /** Greatest eclipse of total eclipses of sun and moon, NASA's catalogues; times from memory. */
  @ParameterizedTest(name = "{0}: {1} lit")
  @CsvSource({
    "2017-08-21T18:26:00Z, 0",
    "2024-04-08T18:17:00Z, 0",
    "2018-07-27T20:22:00Z, 1",
    "2025-03-14T06:59:00Z, 1"
  })
  void at_an_eclipse_it_is_dark_or_full(String time, double lit) {
    assertThat(Moon.at(Instant.parse(time)).illuminated()).isCloseTo(lit, within(0.0005));
    Moon before = Moon.at(Instant.parse(time).minus(Duration.ofDays(3)));
    Moon after = Moon.at(Instant.parse(time).plus(Duration.ofDays(3)));
    assertThat(before.waxing()).isEqualTo(lit == 1);
    assertThat(after.waxing()).isEqualTo(lit == 0);
  }

  /** commons-suncalc calculates with fewer terms: the two agree within what it leaves out. */
  @Test
  void through_a_year_it_agrees_with_the_library() {
    for (int day = 0; day < 365; day++) {
      Instant time = Instant.parse("2026-01-01T00:00:00Z").plus(Duration.ofDays(day));
      double library = MoonIllumination.compute().utc().on(time).execute().getFraction();
      assertThat(Moon.at(time).illuminated()).isCloseTo(library, within(0.006));
    }
  }
}
