package app.islet.core.build;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Tubes counted by hand on a calendar; the slider's sheet has them serve six months. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ReplacementTest {
  private static List<Replacement> again(int monthsOld, Resident... residents) {
    Enclosure e =
        tank(
            150,
            60,
            60,
            40,
            new Equipment.Heater(200, true),
            new Equipment.UvbLamp(
                Optional.of(TODAY.minusMonths(monthsOld)), OptionalDouble.empty()));
    return Replacement.of(HusbandryState.of(e, List.of(residents), TODAY)).stream()
        .filter(r -> !r.key().startsWith("food-"))
        .toList();
  }

  @ParameterizedTest
  @CsvSource({"0, 2", "1, 2", "5, 2", "6, 3", "8, 3"})
  void a_tube_is_bought_again_each_time_it_has_served(int monthsOld, int times) {
    assertThat(again(monthsOld, animals("slider", 1, 22)))
        .singleElement()
        .satisfies(r -> assertThat(r.times()).isEqualTo(times))
        .satisfies(r -> assertThat(r.key()).isEqualTo("device-uvb-lamp-2"));
  }

  @Test
  void who_needs_no_uv_needs_no_new_tube() {
    assertThat(again(8, axolotls(1, 22))).isEmpty();
    assertThat(again(8)).isEmpty();
  }
}
