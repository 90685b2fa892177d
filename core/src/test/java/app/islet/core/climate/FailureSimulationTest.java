package app.islet.core.climate;

import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Site;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FailureSimulationTest {
  private static List<FailureSimulation> all(Enclosure e, Resident... residents) {
    return FailureSimulation.of(e, Geometry.of(e), List.of(residents));
  }

  private static FailureSimulation of(FailureScenario mishap, Enclosure e, Resident... residents) {
    return all(e, residents).stream().filter(r -> r.mishap() == mishap).findFirst().orElseThrow();
  }

  private static Enclosure chilled() {
    return axolotlTank().with(new Equipment.Chiller(150)).withSite(new Site(29, 24, 20, 16, 50));
  }

  @Test
  void only_what_is_there_can_fail() {
    assertThat(all(axolotlTank(), axolotls(2, 22)))
        .extracting(FailureSimulation::mishap)
        .doesNotContain(
            FailureScenario.HEATER_DEAD,
            FailureScenario.HEATER_STUCK,
            FailureScenario.CHILLER_DEAD,
            FailureScenario.FAN_DEAD)
        .contains(
            FailureScenario.POWER_CUT_SUMMER, FailureScenario.HEAT_WAVE, FailureScenario.NO_TOP_UP);
  }

  @Test
  void a_dead_chiller_lets_the_water_follow_the_room_into_harm() {
    FailureSimulation dead = of(FailureScenario.CHILLER_DEAD, chilled(), axolotls(2, 22));
    assertThat(dead.course().coldestC()).isLessThan(19);
    assertThat(dead.course().warmestC()).isGreaterThan(23);
    assertThat(dead.moments())
        .isNotEmpty()
        .isSortedAccordingTo((a, b) -> Double.compare(a.hours(), b.hours()));
    assertThat(dead.moments().get(0).harm()).as("first it only leaves what it stands").isFalse();
  }

  @Test
  void a_stuck_heater_harms_sooner_than_a_dead_one_in_a_mild_room() {
    Enclosure pool = sliderPool().with(new Equipment.Heater(1500, true));
    FailureSimulation stuck = of(FailureScenario.HEATER_STUCK, pool, animals("slider", 1, 18));
    FailureSimulation dead = of(FailureScenario.HEATER_DEAD, pool, animals("slider", 1, 18));
    assertThat(stuck.course().warmestC()).isGreaterThan(dead.course().warmestC() + 5);
    assertThat(stuck.firstHarm()).isPresent();
  }

  @Test
  void more_insulation_gives_more_hours_in_a_power_cut() {
    Enclosure bare = sliderPool().withSite(new Site(22, 20, 14, 8, 50));
    Enclosure foamed = bare.with(new Change("/vessel/insulationMm", 60));
    assertThat(twelveHoursOn(foamed)).isGreaterThan(twelveHoursOn(bare) + 0.3);
  }

  private static double twelveHoursOn(Enclosure e) {
    FailureSimulation cut = of(FailureScenario.POWER_CUT_WINTER, e, animals("slider", 1, 18));
    return cut.course().waterC()[12 * 60 / cut.course().stepMinutes()];
  }

  @Test
  void without_top_up_the_heaters_head_comes_out_of_the_water() {
    FailureSimulation holiday =
        of(FailureScenario.NO_TOP_UP, sliderPool(), animals("slider", 1, 18));
    assertThat(holiday.moments())
        .anyMatch(m -> m.harm() && m.what().text(UnitSystem.METRIC).contains("stands dry"));
    assertThat(holiday.course().days()).isEqualTo(21);
  }

  @Test
  void the_strip_of_hours_turns_when_the_moments_say_so() {
    Enclosure pool = sliderPool().with(new Equipment.Heater(1500, true));
    FailureSimulation stuck = of(FailureScenario.HEATER_STUCK, pool, animals("slider", 1, 18));
    assertThat(stuck.strip()).hasSize(72);
    int harm = (int) Math.ceil(stuck.firstHarm().orElseThrow().hours());
    assertThat(stuck.strip().subList(harm, 72)).containsOnly(FailureSimulation.Hour.HARM);
    assertThat(stuck.strip().subList(0, harm)).doesNotContain(FailureSimulation.Hour.HARM);
    assertThat(stuck.strip().get(0)).isEqualTo(FailureSimulation.Hour.WELL);
    assertThat(of(FailureScenario.NO_TOP_UP, sliderPool(), animals("slider", 1, 18)).strip())
        .containsOnly(FailureSimulation.Hour.WELL);
  }

  @Test
  void every_mishap_has_three_things_to_do_first() {
    for (FailureScenario mishap : FailureScenario.values()) {
      assertThat(mishap.first()).hasSize(3).doesNotHaveDuplicates();
    }
  }
}
