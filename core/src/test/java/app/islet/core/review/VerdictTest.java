package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class VerdictTest {
  private static Review review(Enclosure e) {
    return review(e, WaterRecord.NONE);
  }

  private static Review review(Enclosure e, WaterRecord record) {
    return Review.of(HusbandryState.of(e, List.of(axolotls(2, 22)), TODAY, record));
  }

  @Test
  void a_sound_tank_is_a_yes() {
    Verdict verdict = Verdict.of(review(axolotlTank()));
    assertThat(verdict.answer()).isEqualTo(Verdict.Answer.YES);
    assertThat(verdict.first()).isEmpty();
    assertThat(verdict.counted()).isEmpty();
  }

  @Test
  void a_danger_is_a_no_and_its_remedy_comes_first() {
    Review salted = review(axolotlTank().with(new Change("/water/salinityPpt", 20)));
    Verdict verdict = Verdict.of(salted);
    assertThat(verdict.answer()).isEqualTo(Verdict.Answer.DANGEROUS);
    Finding worst = salted.findings().get(0);
    assertThat(worst.severity()).isEqualTo(Severity.DANGER);
    assertThat(verdict.sentence().text(UnitSystem.METRIC))
        .isEqualTo("No. " + worst.what().text(UnitSystem.METRIC));
    assertThat(verdict.first().get(0)).isEqualTo(worst.remedies().get(0).text());
    assertThat(verdict.counted()).startsWith("1 danger");
  }

  @Test
  void what_is_only_watched_is_a_yes_with_an_eye_on_it() {
    WaterTest sour = new WaterTest(TODAY, Map.of(Parameter.PH, 6.0));
    Verdict verdict = Verdict.of(review(axolotlTank(), new WaterRecord(List.of(sour), List.of())));
    assertThat(verdict.answer()).isEqualTo(Verdict.Answer.MOSTLY);
    assertThat(verdict.counted()).isEqualTo("1 to watch");
  }
}
