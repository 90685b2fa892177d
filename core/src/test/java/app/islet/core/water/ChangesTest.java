package app.islet.core.water;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.animal.Resident;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ChangesTest {
  private static final Resident AXOLOTLS = axolotls(2, 22);

  private static WaterTest nitrate(int daysAgo, double mgPerL) {
    return new WaterTest(TODAY.minusDays(daysAgo), Map.of(Parameter.NITRATE, mgPerL));
  }

  private static WaterEvent change(int daysAgo, double percent) {
    return new WaterEvent(TODAY.minusDays(daysAgo), WaterEvent.Kind.CHANGE, percent);
  }

  /** Weekly tests before weekly changes, estimated by hand: 0.5 mg/L a day, a fifth changed. */
  private static WaterRecord weekly(double risePerDay, double percent, double tap, int weeks) {
    List<WaterTest> tests = new ArrayList<>();
    List<WaterEvent> changes = new ArrayList<>();
    double now = 4;
    for (int week = weeks; week >= 0; week--) {
      tests.add(nitrate(7 * week, now));
      changes.add(change(7 * week, percent));
      now = WaterChange.afterMgPerL(now, tap, percent) + 7 * risePerDay;
    }
    return new WaterRecord(tests, changes);
  }

  @Test
  void the_rise_is_what_comes_between_the_changes() {
    NitrateTrend trend = NitrateTrend.of(weekly(0.5, 20, 1, 10), 1, TODAY).orElseThrow();
    assertThat(trend.risePerDay()).isCloseTo(0.5, within(1e-9));
    assertThat(trend.creeps()).isTrue();
    assertThat(NitrateTrend.of(weekly(0.1, 30, 1, 10), 1, TODAY).orElseThrow().creeps())
        .as("it has settled")
        .isFalse();
  }

  @Test
  void two_tests_are_too_few_and_a_year_ago_is_too_long() {
    assertThat(NitrateTrend.of(weekly(0.5, 20, 1, 1), 1, TODAY)).isEmpty();
    assertThat(NitrateTrend.of(weekly(0.5, 20, 1, 10), 1, TODAY.plusYears(1))).isEmpty();
  }

  @Test
  void the_rhythm_and_what_would_hold_the_target() {
    Optional<NitrateTrend> trend = NitrateTrend.of(weekly(0.4, 20, 1, 10), 1, TODAY);
    ChangePlan plan = ChangePlan.of(axolotlTank(), List.of(AXOLOTLS), 160, trend, 1).orElseThrow();
    assertThat(plan.measured()).isTrue();
    assertThat(plan.litres()).isCloseTo(160 * plan.percent() / 100, within(1e-9));
    assertThat(plan.targetMgPerL() * Parameter.NITRATE.ionFactor()).isCloseTo(20, within(1e-9));
    assertThat(plan.holdsTarget()).isFalse();
    double wanted = plan.wantedPercent().orElseThrow();
    assertThat(WaterChange.settles(0.4, plan.everyDays(), 1, wanted).beforeMgPerL())
        .isCloseTo(plan.targetMgPerL(), within(1e-9));
    double days = plan.wantedDays().orElseThrow();
    assertThat(WaterChange.settles(0.4, days, 1, plan.percent()).beforeMgPerL())
        .isCloseTo(plan.targetMgPerL(), within(1e-9));
  }

  @Test
  void without_tests_the_food_tells_how_fast_it_rises() {
    ChangePlan plan =
        ChangePlan.of(axolotlTank(), List.of(AXOLOTLS), 160, Optional.empty(), 0).orElseThrow();
    assertThat(plan.measured()).isFalse();
    assertThat(plan.risePerDay())
        .isCloseTo(NitrogenLoad.gPerDay(List.of(AXOLOTLS)) * 1000 / 160, within(1e-12));
  }

  @Test
  void tap_water_over_the_target_cannot_be_changed_down_to_it() {
    ChangePlan plan =
        ChangePlan.of(axolotlTank(), List.of(AXOLOTLS), 160, Optional.empty(), 10).orElseThrow();
    assertThat(plan.holdsTarget()).isFalse();
    assertThat(plan.wantedPercent()).isEmpty();
    assertThat(plan.wantedDays()).isEmpty();
  }

  private static WaterState axolotlWaters(WaterRecord record, Resident... residents) {
    return HusbandryState.of(axolotlTank(), List.of(residents), TODAY, record).waterState();
  }

  private static WaterRecord tested(double ammonia, double nitrite) {
    return new WaterRecord(
        List.of(
            new WaterTest(
                TODAY.minusDays(1),
                Map.of(
                    Parameter.AMMONIA,
                    ammonia,
                    Parameter.NITRITE,
                    nitrite,
                    Parameter.PH,
                    8.0,
                    Parameter.TEMPERATURE,
                    18.0))),
        List.of());
  }

  @Test
  void poison_is_taken_out_by_changes_of_at_most_half() {
    Toxicity poison = Toxicity.of(axolotlWaters(tested(2, 0.4), AXOLOTLS), TODAY).orElseThrow();
    assertThat(poison.percentEach()).isLessThanOrEqualTo(50 + 1e-9);
    double left = Math.pow(1 - poison.percentEach() / 100, poison.changes());
    assertThat(poison.freeAmmoniaMgPerL() * left)
        .isLessThanOrEqualTo(Limits.FREE_AMMONIA_WATCH + 1e-9);
    assertThat(0.4 * left).isLessThanOrEqualTo(Limits.NITRITE_WATCH + 1e-9);
    assertThat(Toxicity.of(axolotlWaters(tested(0.1, 0.05), AXOLOTLS), TODAY)).isEmpty();
    assertThat(Toxicity.of(axolotlWaters(tested(2, 0.4), AXOLOTLS), TODAY.plusDays(20)))
        .as("an old test says nothing of today")
        .isEmpty();
  }

  @Test
  void what_to_do_now_is_one_sentence_with_its_litres() {
    NextStep bad = NextStep.of(axolotlWaters(tested(2, 0.4), AXOLOTLS), TODAY);
    assertThat(bad.urgent()).isTrue();
    assertThat(bad.what().text(UnitSystem.METRIC))
        .matches("Change \\d+(\\.\\d)? L \\(.* % of it\\) now.*")
        .doesNotContain("{}");
    assertThat(bad.nextTest()).isEqualTo(TODAY);
    NextStep never = NextStep.of(axolotlWaters(WaterRecord.NONE, AXOLOTLS), TODAY);
    assertThat(never.what().text(UnitSystem.METRIC)).startsWith("Test the water today");
    assertThat(never.urgent()).isFalse();
  }

  @Test
  void a_change_that_is_due_is_said_once_it_is() {
    WaterRecord record =
        new WaterRecord(List.of(nitrate(20, 1), nitrate(1, 1)), List.of(change(30, 20)));
    NextStep step = NextStep.of(axolotlWaters(record, AXOLOTLS), TODAY);
    assertThat(step.what().text(UnitSystem.METRIC)).contains("water change is due");
    assertThat(step.what().text(UnitSystem.US)).contains("gal").doesNotContain("{}");
    WaterRecord done =
        new WaterRecord(List.of(nitrate(20, 1), nitrate(1, 1)), List.of(change(1, 20)));
    assertThat(NextStep.of(axolotlWaters(done, AXOLOTLS), TODAY).what().text(UnitSystem.METRIC))
        .startsWith("Nothing today");
  }

  private static WaterRecord one(Parameter parameter, double value) {
    return new WaterRecord(
        List.of(new WaterTest(TODAY.minusDays(1), Map.of(parameter, value))), List.of());
  }

  @Test
  void salt_and_ph_are_led_back_day_by_day_and_left_alone_where_they_are_right() {
    WaterState salted = axolotlWaters(one(Parameter.SALINITY, 5), AXOLOTLS);
    assertThat(salted.isSalted()).isTrue();
    assertThat(salted.saltWay()).hasSize(3);
    assertThat(salted.saltWay().get(2).toPpt()).isZero();
    assertThat(NextStep.of(salted, TODAY).what().text(UnitSystem.METRIC))
        .startsWith("Take out ")
        .contains("for 3 days, to 0 g/kg");
    assertThat(axolotlWaters(one(Parameter.SALINITY, 1), AXOLOTLS).saltWay()).isEmpty();
    WaterState sour = axolotlWaters(one(Parameter.PH, 5.9), AXOLOTLS);
    WaterState.PhWay way = sour.phWay().orElseThrow();
    assertThat(way.from() + way.steps().days() * way.steps().perDay())
        .isCloseTo(way.to(), within(1e-9));
    assertThat(way.steps().perDay()).isPositive().isLessThanOrEqualTo(WaterState.MAX_PH_A_DAY);
    assertThat(axolotlWaters(one(Parameter.PH, 7.3), AXOLOTLS).phWay()).isEmpty();
    assertThat(axolotlWaters(WaterRecord.NONE, AXOLOTLS).phWay()).as("nobody tested it").isEmpty();
  }
}
