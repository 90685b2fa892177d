package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.livestock.Origin;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ArrivalTest {
  private static final CareSheet AXOLOTL = CareLibrary.bundled().find("axolotl").orElseThrow();

  @ParameterizedTest(name = "from {0} to {1} °C in {2} steps")
  @CsvSource({"24, 18, 6", "12, 17.5, 6", "18, 18, 0", "18, 18.4, 1"})
  void a_parcel_is_brought_to_the_tub_by_a_degree_at_a_time(double from, double to, int count) {
    List<Arrival.Step> steps = Arrival.steps(AXOLOTL, from, to);
    assertThat(steps).hasSize(count);
    double before = from;
    for (Arrival.Step step : steps) {
      assertThat(Math.abs(step.tempC() - before)).isLessThanOrEqualTo(1 + 1e-9);
      before = step.tempC();
    }
    assertThat(before).isCloseTo(to, within(1e-9));
  }

  /** Two degrees a day for a turtle; never to a temperature the kind does not tolerate. */
  @Test
  void nobody_is_led_to_a_temperature_outside_its_range() {
    CareSheet slider = CareLibrary.bundled().find("slider").orElseThrow();
    assertThat(Arrival.steps(slider, 20, 25)).hasSize(3);
    assertThat(Arrival.steps(AXOLOTL, 20, 27)).as("20 °C is the most").isEmpty();
    assertThat(Arrival.steps(AXOLOTL, 18, 27).get(1)).isEqualTo(new Arrival.Step(1, 20));
  }

  @ParameterizedTest(name = "{0} is taken in as what lives {1}")
  @CsvSource({
    "vampire-crab, ",
    "fiddler, BRACKISH",
    "red-clawed, BRACKISH",
    "sand-crab, SEA",
    "land-hermit, SHELLS",
    "terrapin, "
  })
  void crabs_are_taken_in_by_the_water_they_live_in(String species, Arrival.Lives lives) {
    CareSheet sheet = CareLibrary.bundled().find(species).orElseThrow();
    Arrival arrival = HealthTables.bundled().arrival(sheet);
    assertThat(arrival.group()).isEqualTo(sheet.group());
    assertThat(arrival.lives()).isEqualTo(Optional.ofNullable(lives));
    boolean shells = arrival.lists().before().toString().contains("shells");
    assertThat(shells).isEqualTo(lives == Arrival.Lives.SHELLS);
  }

  static Stream<Arrival> arrivals() {
    return HealthTables.bundled().arrivals().stream();
  }

  @ParameterizedTest
  @MethodSource("arrivals")
  void every_row_has_its_lists_in_short_sentences(Arrival arrival) {
    assertThat(arrival.weeks(Optional.empty()).min()).isGreaterThanOrEqualTo(3);
    assertThat(arrival.weeks(Optional.of(Origin.FOUND)).max())
        .isGreaterThanOrEqualTo(arrival.weeks(Optional.of(Origin.GIVEN)).max());
    assertThat(arrival.weeks(Optional.of(Origin.HATCHED)).min()).isZero();
    Arrival.Lists l = arrival.lists();
    assertThat(
            Stream.of(l.before(), l.day(), l.inspect(), l.during(), l.release())
                .flatMap(List::stream))
        .hasSizeGreaterThan(10)
        .allSatisfy(
            sentence -> {
              assertThat(sentence).endsWith(".");
              assertThat(sentence.split("\\s+").length).isLessThan(20);
            });
  }
}
