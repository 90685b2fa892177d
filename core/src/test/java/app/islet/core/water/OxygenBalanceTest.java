package app.islet.core.water;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.climate.FailureScenario;
import app.islet.core.climate.FailureSimulation;
import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OxygenBalanceTest {
  @Test
  void water_nobody_breathes_in_is_full() {
    OxygenBalance empty = OxygenBalance.of(100, 4000, true, 20, 0, List.of(), 0);
    assertThat(empty.settlesMgPerL()).isCloseTo(9.09, within(0.01));
    assertThat(empty.hoursUntil(6, 9)).isEmpty();
  }

  @Test
  void it_settles_where_as_much_comes_in_as_is_used() {
    OxygenBalance o = new OxygenBalance(9, 24, 24, 100);
    assertThat(o.settlesMgPerL()).isCloseTo(8, within(1e-12));
  }

  /** dC/dt = (full - C) k - use, stepped through finely. */
  @Test
  void the_hours_to_a_limit_are_those_of_the_equation() {
    OxygenBalance o = new OxygenBalance(9, 30, 5, 100);
    double c = 8;
    double hours = 0;
    while (c > 6) {
      c += ((o.fullMgPerL() - c) * 5 - 30) / 100 * 1e-4;
      hours += 1e-4;
    }
    assertThat(o.hoursUntil(6, 8).orElseThrow()).isCloseTo(hours, within(0.001));
    assertThat(new OxygenBalance(9, 30, 0, 100).hoursUntil(6, 9).orElseThrow())
        .isCloseTo(10, within(1e-12));
  }

  @Test
  void warm_still_crowded_water_holds_less() {
    var two = List.of(axolotls(2, 22));
    double cool = OxygenBalance.of(100, 4000, true, 16, 0, two, 0.03).settlesMgPerL();
    assertThat(OxygenBalance.of(100, 4000, true, 24, 0, two, 0.03).settlesMgPerL())
        .isLessThan(cool);
    assertThat(OxygenBalance.of(100, 4000, false, 16, 0, two, 0.03).settlesMgPerL())
        .isLessThan(cool);
    assertThat(
            OxygenBalance.of(100, 4000, true, 16, 0, List.of(axolotls(6, 22)), 0.09)
                .settlesMgPerL())
        .isLessThan(cool);
  }

  private static FailureSimulation filterDead(Equipment... more) {
    var tank = axolotlTank();
    var e =
        tank.with(
            tank.water()
                .with(
                    new Chemistry(
                        OptionalDouble.of(8.2), OptionalDouble.empty(), Optional.empty())));
    var devices = new ArrayList<>(e.equipment());
    devices.addAll(List.of(more));
    var situation =
        HusbandryState.of(
            e.with(devices.toArray(Equipment[]::new)), List.of(axolotls(2, 22)), TODAY);
    return Failures.of(situation.waterState()).stream()
        .filter(r -> r.mishap() == FailureScenario.FILTER_DEAD)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void a_dead_filter_first_takes_the_breath_and_later_poisons() {
    FailureSimulation dead = filterDead();
    assertThat(dead.moments()).isNotEmpty();
    assertThat(dead.moments().get(0).what().text(UnitSystem.METRIC)).contains("too little oxygen");
    assertThat(dead.moments())
        .anyMatch(m -> m.what().text(UnitSystem.METRIC).contains("free ammonia"));
    assertThat(dead.strip()).contains(FailureSimulation.Hour.OUTSIDE);
    assertThat(dead.mishap().first()).hasSize(3);
  }

  @Test
  void an_air_stone_on_its_own_pump_keeps_them_breathing() {
    assertThat(filterDead(new Equipment.AirStone()).moments())
        .noneMatch(m -> m.what().text(UnitSystem.METRIC).contains("oxygen"));
  }

  @Test
  void what_has_no_filter_cannot_lose_it() {
    var bare = axolotlTank().with(new Equipment[0]);
    assertThat(Failures.of(HusbandryState.of(bare, List.of(axolotls(2, 22)), TODAY).waterState()))
        .extracting(FailureSimulation::mishap)
        .doesNotContain(FailureScenario.FILTER_DEAD)
        .contains(FailureScenario.POWER_CUT_SUMMER);
  }
}
