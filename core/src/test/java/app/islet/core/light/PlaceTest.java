package app.islet.core.light;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Where the towns are: latitudes and longitudes from memory, to a tenth of a degree. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PlaceTest {
  private static Place in(String zone) {
    return Place.of(ZoneId.of(zone)).orElseThrow();
  }

  @Test
  void a_time_zone_has_its_town() {
    assertThat(in("Europe/Vienna")).isEqualTo(new Place("Europe/Vienna", 48.2, 16.3));
    assertThat(in("America/New_York")).isEqualTo(new Place("America/New_York", 40.7, -74));
    assertThat(in("Australia/Sydney")).isEqualTo(new Place("Australia/Sydney", -33.9, 151.2));
    assertThat(in("America/New_York").name()).isEqualTo("New York, America");
    assertThat(Place.of(ZoneId.of("UTC"))).isEmpty();
  }

  @Test
  void all_lie_on_the_globe_and_have_names_of_their_own() {
    List<Place> all = Place.all();
    assertThat(all)
        .hasSizeGreaterThan(250)
        .allMatch(p -> Math.abs(p.latitude()) <= 90 && Math.abs(p.longitude()) <= 180);
    assertThat(all.stream().map(Place::name)).doesNotHaveDuplicates().isSorted();
  }

  @Test
  void degrees_are_said_with_their_direction() {
    assertThat(Place.words(-33.9, 151.2)).isEqualTo("33.9° south and 151.2° east");
  }
}
