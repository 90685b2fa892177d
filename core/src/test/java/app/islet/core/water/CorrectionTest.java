package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.Setups;
import app.islet.core.plan.Planner;
import app.islet.core.plan.TaskKind;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.CorrectionStep.Kind;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Steps of a day: common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CorrectionTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final Correction PH = new Correction(Parameter.PH, 6.2, 7, DAY.minusDays(5));

  private static HusbandryState state(Correction c, double... readingsUpToToday) {
    List<WaterTest> tests = new ArrayList<>();
    int count = readingsUpToToday.length;
    for (int i = 0; i < count; i++) {
      tests.add(
          new WaterTest(
              DAY.minusDays(count - 1L - i), Map.of(c.parameter(), readingsUpToToday[i])));
    }
    return HusbandryState.of(
        Setups.axolotlTank(),
        List.of(Setups.axolotls(1, 22)),
        DAY,
        new WaterRecord(tests, List.of(), List.of(c)));
  }

  private static CorrectionStep step(Correction c, double... readings) {
    return CorrectionStep.of(c, state(c, readings).waterState(), DAY);
  }

  private static String words(CorrectionStep step) {
    return step.what().text(UnitSystem.METRIC) + ". " + step.how().text(UnitSystem.METRIC);
  }

  @Test
  void without_a_reading_of_today_there_is_no_dose() {
    HusbandryState old =
        HusbandryState.of(
            Setups.axolotlTank(),
            List.of(Setups.axolotls(1, 22)),
            DAY,
            new WaterRecord(
                List.of(new WaterTest(DAY.minusDays(1), Map.of(Parameter.PH, 6.4))),
                List.of(),
                List.of(PH)));
    assertThat(CorrectionStep.of(PH, old.waterState(), DAY).kind()).isEqualTo(Kind.MEASURE);
    assertThat(step(PH, 6.4, 6.6).kind()).isEqualTo(Kind.STEP);
  }

  @Test
  void the_next_step_has_a_dose_and_a_stop_value() {
    assertThat(words(step(PH, 6.2, 6.4)))
        .contains("for harder water, an hour later measure")
        .contains("From 6.4 to 6.6 today. Stop where it reads 6.6");
  }

  @ParameterizedTest(name = "yesterday 6.4, today {0}: {1}")
  @CsvSource({
    "6.55, STEP",
    "6.75, STEP",
    "6.85, DISAGREES",
    "6.15, DISAGREES",
    "6.25, STEP",
    "6.95, THERE"
  })
  void the_reading_decides(double today, Kind kind) {
    assertThat(step(PH, 6.4, today).kind()).isEqualTo(kind);
  }

  @Test
  void what_hardly_moves_twice_gets_no_larger_step() {
    assertThat(step(PH, 6.2, 6.2).kind()).as("once may be the kit").isEqualTo(Kind.STEP);
    CorrectionStep stuck = step(PH, 6.2, 6.2, 6.2);
    assertThat(stuck.kind()).isEqualTo(Kind.DISAGREES);
    assertThat(words(stuck)).contains("No larger step. Try the kit on water of known value");
  }

  @Test
  void salt_is_weighed_for_the_step_and_taken_out_by_fresh_water() {
    Correction up = new Correction(Parameter.SALINITY, 0, 8, DAY);
    HusbandryState state = state(up, 3);
    double litres = state.geometry().waterL();
    double grams = SaltMix.saltG(litres, 3, 5, state.waterState().tempC());
    assertThat(words(CorrectionStep.of(up, state.waterState(), DAY)))
        .startsWith(
            app.islet.core.quantity.Quantity.grams(grams).text(UnitSystem.METRIC)
                + " of marine salt");
    // On the last step only what is missing.
    assertThat(words(step(up, 5, 7))).contains("From 7 g/kg to 8 g/kg today");
    Correction down = new Correction(Parameter.SALINITY, 8, 0, DAY);
    assertThat(words(step(down, 8))).contains("out, fresh water in");
    assertThat(up.leastDays()).isEqualTo(4);
  }

  @Test
  void a_correction_stands_on_the_rounds_until_it_is_there() {
    assertThat(Planner.plan(state(PH, 6.2, 6.4)).tasks())
        .anyMatch(task -> task.kind() == TaskKind.CORRECT && task.key().equals("correct:ph"));
    assertThat(Planner.plan(state(PH, 6.8, 7)).tasks())
        .noneMatch(task -> task.kind() == TaskKind.CORRECT);
  }

  @Test
  void what_is_only_changed_away_is_not_led() {
    assertThatThrownBy(() -> new Correction(Parameter.NITRATE, 40, 10, DAY))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest(name = "{0} is {1} g per litre")
  @CsvSource(
      delimiter = '|',
      value = {
        "1 g per litre | 1",
        "1,5 g/L | 1.5",
        "1.5 teaspoons per litre | 9",
        "2 tablespoons per 5 gallons | 1.902",
        "1 tsp/gal | 1.585",
        "500 mg in 2 l | 0.25"
      })
  void doses_are_read_as_people_say_them(String said, double gramsPerL) {
    assertThat(DoseStatement.read(said).orElseThrow().gramsPerL())
        .isCloseTo(gramsPerL, within(0.001));
  }

  @ParameterizedTest
  @ValueSource(strings = {"a pinch", "1 g", "g per litre", "1 g per tank", ""})
  void what_says_no_dose_is_not_guessed(String said) {
    assertThat(DoseStatement.read(said)).isEmpty();
  }

  @Test
  void two_statements_that_differ_are_asked_back_and_never_averaged() {
    DoseStatement gram = DoseStatement.read("1 g per litre").orElseThrow();
    DoseStatement spoons = DoseStatement.read("1.5 teaspoons per litre").orElseThrow();
    assertThat(gram.against(spoons))
        .contains("They differ 9-fold. Do not take the middle")
        .contains("is 9 g per litre");
    assertThat(gram.against(DoseStatement.read("1.3 g/L").orElseThrow()))
        .contains("They say the same");
    assertThat(gram.against(DoseStatement.read("1.5 g/L").orElseThrow()))
        .contains("They differ by half and more");
  }

  @Test
  void table_salt_is_refused_with_its_reason() {
    assertThat(SaltKind.TABLE_SALT.against())
        .hasValueSatisfying(w -> assertThat(w).contains("Iodine"));
    assertThat(SaltKind.MARINE_MIX.against()).isEmpty();
  }
}
