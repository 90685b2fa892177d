package app.islet.core.plan;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.SaltMix;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ChangeDayTest {
  private static ChangeDay of(Enclosure e, Resident r, String... boxes) {
    return ChangeDay.of(HusbandryState.of(e, List.of(r), TODAY), List.of(boxes)).orElseThrow();
  }

  private static List<String> keys(ChangeDay day) {
    return day.steps().stream().map(ChangeDay.Step::key).toList();
  }

  private static ChangeDay.Step step(ChangeDay day, String key) {
    return day.steps().stream().filter(s -> s.key().equals(key)).findFirst().orElseThrow();
  }

  @Test
  void what_goes_out_first_comes_back_last_and_the_power_is_off_while_the_level_is_low() {
    ChangeDay day = of(axolotlTank(), axolotls(2, 22), "Box 1", "Box 2");
    assertThat(keys(day))
        .containsExactly(
            "test",
            "boxes",
            "power",
            "siphon",
            "scrub",
            "filter",
            "prepare",
            "refill",
            "power-back",
            "boxes-back",
            "count");
  }

  @Test
  void the_litres_are_those_of_the_plan() {
    ChangeDay day = of(axolotlTank(), axolotls(2, 22));
    assertThat(step(day, "siphon").what().text(UnitSystem.METRIC)).isEqualTo("Siphon out 40 L");
    assertThat(step(day, "prepare").how().text(UnitSystem.METRIC))
        .isEqualTo("15 to 18 °C. Conditioner for 40 L, not for the whole tank");
    assertThat(step(day, "count").how().text(UnitSystem.METRIC)).isEqualTo("2 should be there.");
  }

  @Test
  void salt_is_for_the_litres_changed_only() {
    Enclosure tidal = tank(80, 40, 40, 20);
    tidal = tidal.with(List.of(new Change("/water/salinityPpt", 10)));
    Resident crabs = animals("fiddler", 4, 1.8);
    ChangeDay day = of(tidal, crabs);
    double litres =
        Double.parseDouble(
            step(day, "siphon").what().text(UnitSystem.METRIC).replaceAll("[^0-9.]", ""));
    long grams = Math.round(SaltMix.saltG(litres, 0, 10, 20));
    assertThat(step(day, "prepare").how().text(UnitSystem.METRIC))
        .containsPattern("; " + grams + "[0-9.]* g of marine salt");
  }

  @Test
  void a_full_change_takes_the_animals_out_and_leaves_the_filter_alone() {
    ChangeDay day = of(axolotlTank(), axolotls(20, 3));
    assertThat(keys(day)).contains("animals", "animals-back").doesNotContain("filter");
  }

  @Test
  void whoever_comes_back_to_it_is_told_what_is_next_and_what_still_stands_outside() {
    ChangeDay day = of(axolotlTank(), axolotls(2, 22), "Box 1");
    Set<String> done = Set.of("test", "boxes", "power", "siphon", "scrub", "filter", "prepare");
    assertThat(day.next(done)).map(ChangeDay.Step::key).contains("refill");
    assertThat(day.stillOut(done))
        .containsExactly("the boxes are in the tote", "the filter is off");
    assertThat(day.stillOut(Set.of("boxes", "boxes-back"))).isEmpty();
    assertThat(day.next(Set.copyOf(keys(day)))).isEmpty();
  }

  @Test
  void where_no_water_is_changed_there_is_no_list() {
    assertThat(ChangeDay.of(HusbandryState.of(axolotlTank(), List.of(), TODAY), List.of()))
        .isEmpty();
  }
}
