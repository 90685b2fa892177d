package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.water.FilterCycle.Phase;
import app.islet.core.water.NitrogenRun.Feeding;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FilterCycleTest {
  private static final LocalDate BEGAN = LocalDate.of(2026, 3, 2);

  /** Triples of day, ammonia, nitrite. */
  private static WaterRecord tests(double... triples) {
    List<WaterTest> tests = new ArrayList<>();
    for (int n = 0; n < triples.length; n += 3) {
      tests.add(test((int) triples[n], triples[n + 1], triples[n + 2]));
    }
    return new WaterRecord(tests, List.of());
  }

  private static WaterTest test(int day, double ammonia, double nitrite) {
    return new WaterTest(
        BEGAN.plusDays(day), Map.of(Parameter.AMMONIA, ammonia, Parameter.NITRITE, nitrite));
  }

  private static WaterRecord dosed(WaterRecord record, int day, double mgPerL) {
    return new WaterRecord(
        record.tests(),
        List.of(new WaterEvent(BEGAN.plusDays(day), WaterEvent.Kind.AMMONIA_DOSE, mgPerL)));
  }

  private static FilterCycle at(int day, WaterRecord record, CyclingCriterion criterion) {
    return FilterCycle.of(record, criterion, BEGAN.plusDays(day));
  }

  @Test
  void nothing_tested_is_nothing_known() {
    FilterCycle unknown = at(40, WaterRecord.NONE, CyclingCriterion.WEEK);
    assertThat(unknown.phase()).isEqualTo(Phase.UNTESTED);
    assertThat(unknown.mayMoveIn()).isFalse();
  }

  @Test
  void it_goes_from_ammonia_over_nitrite_to_the_proof() {
    WaterRecord course =
        tests(0, 2, 0, 6, 1.8, 0, 10, 1, 0.6, 20, 0.1, 3, 30, 0.05, 0.02, 38, 0, 0);
    assertThat(at(6, course, CyclingCriterion.WEEK).phase()).isEqualTo(Phase.AMMONIA);
    assertThat(at(12, course, CyclingCriterion.WEEK).phase()).isEqualTo(Phase.NITRITE);
    assertThat(at(25, course, CyclingCriterion.WEEK).phase()).isEqualTo(Phase.NITRITE);
    assertThat(at(30, course, CyclingCriterion.WEEK).phase()).isEqualTo(Phase.PROVING);
    assertThat(at(38, course, CyclingCriterion.WEEK).phase())
        .as("two clear tests are not three")
        .isEqualTo(Phase.PROVING);
  }

  @Test
  void three_clear_tests_over_a_week_let_the_animal_in_by_one_school() {
    WaterRecord course = tests(0, 2, 0, 10, 1, 0.6, 20, 0.1, 3, 30, 0, 0, 33, 0, 0, 37, 0, 0);
    FilterCycle week = at(37, course, CyclingCriterion.WEEK);
    assertThat(week.phase()).isEqualTo(Phase.READY);
    assertThat(week.mayMoveIn()).isTrue();
    assertThat(week.others())
        .as("the other school wants its dose")
        .containsExactly(CyclingCriterion.DOSE);
    assertThat(at(37, course, CyclingCriterion.DOSE).phase())
        .as("a filter cycled by any proof is cycled; whether it may be stocked is said apart")
        .isNotEqualTo(Phase.CRASHED);
  }

  @Test
  void a_dose_gone_in_a_day_lets_it_in_by_the_other() {
    WaterRecord course = dosed(tests(0, 2, 0, 10, 1, 0.6, 30, 0, 0, 31, 0.05, 0.02), 30, 0.5);
    FilterCycle dose = at(31, course, CyclingCriterion.DOSE);
    assertThat(dose.phase()).isEqualTo(Phase.READY);
    assertThat(dose.mayMoveIn()).isTrue();
    assertThat(dose.others()).containsExactly(CyclingCriterion.WEEK);
    assertThat(at(31, course, CyclingCriterion.WEEK).mayMoveIn()).isFalse();
    assertThat(at(31, dosed(course, 30, 0.2), CyclingCriterion.DOSE).mayMoveIn())
        .as("too small a dose proves nothing")
        .isFalse();
  }

  @Test
  void no_number_of_clear_weeks_is_a_dose() {
    WaterRecord course =
        tests(0, 2, 0, 10, 1, 0.6, 30, 0, 0, 33, 0, 0, 37, 0, 0, 44, 0, 0, 51, 0, 0);
    assertThat(at(51, course, CyclingCriterion.WEEK).mayMoveIn()).isTrue();
    FilterCycle dose = at(51, course, CyclingCriterion.DOSE);
    assertThat(dose.mayMoveIn()).isFalse();
    assertThat(dose.phase()).isEqualTo(Phase.PROVING);
    assertThat(dose.others()).containsExactly(CyclingCriterion.WEEK);
  }

  @Test
  void clear_water_that_was_never_fed_proves_nothing() {
    WaterRecord course = tests(0, 0, 0, 5, 0, 0, 9, 0, 0);
    assertThat(at(9, course, CyclingCriterion.WEEK).mayMoveIn()).isFalse();
  }

  @Test
  void an_old_proof_must_be_shown_again() {
    WaterRecord course = tests(0, 2, 0, 10, 1, 0.6, 30, 0, 0, 33, 0, 0, 37, 0, 0);
    FilterCycle late = at(80, course, CyclingCriterion.WEEK);
    assertThat(late.phase()).isEqualTo(Phase.READY);
    assertThat(late.mayMoveIn()).isFalse();
    assertThat(late.why().pattern()).contains("test again before an animal moves in");
  }

  @Test
  void ammonia_after_the_proof_is_a_crash_until_it_is_proven_again() {
    WaterRecord course =
        tests(
            0, 2, 0, 10, 1, 0.6, 30, 0, 0, 33, 0, 0, 37, 0, 0, 60, 0.6, 0.1, 64, 0.3, 0.8, 75, 0, 0,
            80, 0, 0, 84, 0, 0);
    assertThat(at(60, course, CyclingCriterion.WEEK).phase()).isEqualTo(Phase.CRASHED);
    assertThat(at(64, course, CyclingCriterion.WEEK).phase()).isEqualTo(Phase.CRASHED);
    assertThat(at(64, course, CyclingCriterion.WEEK).since()).contains(BEGAN.plusDays(60));
    assertThat(at(76, course, CyclingCriterion.WEEK).phase()).isEqualTo(Phase.PROVING);
    assertThat(at(84, course, CyclingCriterion.WEEK).phase()).isEqualTo(Phase.READY);
  }

  @Test
  void what_stands_still_is_told_why() {
    WaterRecord stuck = tests(0, 2, 0, 12, 1.9, 0, 24, 1.95, 0);
    FilterCycle at = at(24, stuck, CyclingCriterion.WEEK);
    assertThat(at.moving()).isFalse();
    assertThat(at.why().pattern()).contains("No progress");
    assertThat(at(24, tests(0, 2, 0, 12, 1.5, 0, 24, 0.8, 0), CyclingCriterion.WEEK).moving())
        .isTrue();
    WaterRecord heavy = tests(0, 7, 0, 12, 6.9, 0.2, 24, 6.95, 0.2);
    assertThat(at(24, heavy, CyclingCriterion.WEEK).why().parts().toString())
        .contains("so much ammonia");
  }

  /**
   * Tests taken from a simulated tank: what is foretold on any of its days holds what then comes.
   */
  @Test
  void a_start_up_in_the_middle_is_foretold_within_its_range() {
    NitrogenModel model = new NitrogenModel(100, 24, 7.5, 6, 0.5, 0.8, 0, 1);
    Nitrogen tap = new Nitrogen(0, 0, 0, 6, 0, 0);
    Feeding dosed = new Feeding(0, tap, Map.of(), true);
    Nitrogen begin = new Nitrogen(1, 0, 0, 6, 2e-5, 5e-6);
    List<Nitrogen> truth = NitrogenRun.play(model, begin, dosed, 90).days();
    int ready = readyOn(model, begin, dosed);
    for (int today : new int[] {10, 20, 30}) {
      List<WaterTest> tests = new ArrayList<>();
      for (int day = 0; day <= today; day += 3) {
        Nitrogen n = truth.get(day);
        tests.add(test(day, n.ammoniaMgPerL(), n.nitriteMgPerL()));
      }
      Forecast told =
          Forecast.of(model, new WaterRecord(tests, List.of()), dosed, BEGAN.plusDays(today));
      assertThat(told.daysLeft().orElseThrow().min())
          .as("on day %d of %d", today, ready)
          .isLessThanOrEqualTo(ready - today + 4.0);
      assertThat(told.daysLeft().orElseThrow().max())
          .as("on day %d of %d", today, ready)
          .isGreaterThanOrEqualTo(ready - today - 4.0);
      assertThat(told.daysLeft().orElseThrow().contains(told.usualDays().orElseThrow()))
          .as("what is most likely lies within the range, on day %d", today)
          .isTrue();
    }
  }

  private static int readyOn(NitrogenModel model, Nitrogen begin, Feeding course) {
    for (int day = 1; day < 150; day++) {
      Nitrogen n = NitrogenRun.play(model, begin, course, day).last();
      Nitrogen dosed = new Nitrogen(0.5, 0, 0, 6, n.ammoniaEaters(), n.nitriteEaters());
      Nitrogen after = NitrogenRun.play(model, dosed, Feeding.fed(0), 1).last();
      if (after.ammoniaMgPerL() <= 0.1 && after.nitriteMgPerL() <= 0.05) {
        return day;
      }
    }
    throw new AssertionError("never");
  }
}
