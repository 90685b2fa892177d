package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.AnimalGroup;
import app.islet.core.livestock.Origin;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ArrivalTest {
  @ParameterizedTest(name = "from {0} to {1} °C in {2} steps")
  @CsvSource({"24, 18, 6", "12, 17.5, 6", "18, 18, 0", "18, 18.4, 1"})
  void a_parcel_is_brought_to_the_tub_by_a_degree_at_a_time(double from, double to, int count) {
    List<Arrival.Step> steps = Arrival.steps(from, to);
    assertThat(steps).hasSize(count);
    double before = from;
    for (Arrival.Step step : steps) {
      assertThat(Math.abs(step.tempC() - before)).isLessThanOrEqualTo(1 + 1e-9);
      before = step.tempC();
    }
    assertThat(before).isCloseTo(to, within(1e-9));
  }

  @ParameterizedTest
  @EnumSource(AnimalGroup.class)
  void every_group_has_its_lists_in_short_sentences(AnimalGroup group) {
    Arrival arrival = HealthTables.bundled().arrival(group);
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
