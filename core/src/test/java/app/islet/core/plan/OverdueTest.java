package app.islet.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OverdueTest {
  /** A Monday. */
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

  private static final double ION = Parameter.NITRATE.ionFactor();

  private static WaterTest nitrate(int daysAgo, double ionMgPerL) {
    return new WaterTest(DAY.minusDays(daysAgo), Map.of(Parameter.NITRATE, ionMgPerL / ION));
  }

  private static String words(List<WaterEvent> events, WaterTest... tests) {
    HusbandryState state =
        HusbandryState.of(
            Setups.axolotlTank(),
            List.of(Setups.axolotls(1, 22)),
            DAY,
            new WaterRecord(List.of(tests), events));
    Plan plan = Planner.plan(state);
    return plan.meaningOfLate(plan.task(Planner.WATER_CHANGE).orElseThrow())
        .orElseThrow()
        .text(UnitSystem.METRIC);
  }

  @Test
  void by_its_tests_nitrate_passes_the_target_on_a_day() {
    // 2 mg/L a day, 18 today: a day to the target of 20.
    assertThat(words(List.of(), nitrate(8, 2), nitrate(4, 10), nitrate(0, 18)))
        .isEqualTo("Nitrate passes 20 mg/L on Tuesday 3 March.");
  }

  @Test
  void a_change_since_the_last_test_counts() {
    WaterEvent half = new WaterEvent(DAY, WaterEvent.Kind.CHANGE, 50);
    // 16 less a half is 8, and 2 a day more: 6 days to 20.
    assertThat(words(List.of(half), nitrate(8, 0), nitrate(4, 8), nitrate(0, 16)))
        .isEqualTo("Nitrate passes 20 mg/L on Sunday 8 March.");
  }

  @Test
  void what_was_passed_already_is_said_so() {
    assertThat(words(List.of(), nitrate(8, 6), nitrate(4, 14), nitrate(0, 22)))
        .isEqualTo("By the tests nitrate is above 20 mg/L by now.");
  }

  @Test
  void where_it_does_not_rise_there_is_no_alarm() {
    assertThat(words(List.of(), nitrate(8, 10), nitrate(4, 10), nitrate(0, 10)))
        .isEqualTo("By the tests nitrate does not rise: no harm yet.");
  }

  @Test
  void without_tests_nothing_is_pretended() {
    assertThat(words(List.of()))
        .isEqualTo("Nitrate rises from day to day; no tests tell yet how fast.");
  }
}
