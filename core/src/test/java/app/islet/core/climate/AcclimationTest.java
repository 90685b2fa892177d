package app.islet.core.climate;

import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotls;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.quantity.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AcclimationTest {
  @Test
  void an_axolotl_from_warm_water_is_led_down_a_degree_a_day_at_most() {
    Acclimation way = Acclimation.of(List.of(axolotls(1, 22)), 24).get(0);
    assertThat(way.toC()).isEqualTo(18);
    assertThat(way.steps().days()).isEqualTo(6);
    assertThat(way.steps().perDay()).isCloseTo(-1, within(1e-9));
    assertThat(way.words().text(UnitSystem.METRIC))
        .isEqualTo("from 24 °C to 18 °C: 6 days, 1 °C cooler each");
    assertThat(way.words().text(UnitSystem.US)).contains("75.2 °F").contains("64.4 °F");
  }

  @Test
  void who_stands_where_it_should_is_led_nowhere() {
    assertThat(Acclimation.of(List.of(axolotls(1, 30)), 17)).isEmpty();
  }

  @Test
  void turtles_stand_larger_steps() {
    Acclimation way = Acclimation.of(List.of(animals("slider", 1, 25)), 18).get(0);
    assertThat(way.steps().perDay()).isPositive().isLessThanOrEqualTo(2);
    assertThat(way.fromC() + way.steps().days() * way.steps().perDay())
        .isCloseTo(way.toC(), within(1e-9));
  }

  /** Tadpoles of the dwarf frog are weaned from 27 to 23 or 24 °C over weeks; common practice. */
  @Test
  void a_tadpole_is_weaned_over_weeks() {
    Resident tadpoles =
        new Resident(
            "They",
            CareLibrary.bundled().find("dwarf-frog").orElseThrow(),
            20,
            0,
            0,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            Optional.of("tadpole"));
    Acclimation way =
        Acclimation.of(List.of(tadpoles), 26.5).stream()
            .filter(a -> a.most() == Acclimation.WEANING_K_A_DAY)
            .findFirst()
            .orElseThrow();
    assertThat(way.steps().days()).isGreaterThan(7);
    assertThat(way.toC()).isBetween(23.0, 25.0);
  }
}
