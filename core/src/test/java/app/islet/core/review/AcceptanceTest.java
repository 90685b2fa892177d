package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.sliderPool;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AcceptanceTest {
  private static final Enclosure FAR =
      sliderPool().with(new Change("/equipment/uvb-lamp/distanceCm", 60));
  private static final Acceptance ACCEPTED =
      new Acceptance("uvb-distance", "They", Severity.WATCH, "a bracket comes", TODAY.plusDays(10));

  private static Finding judged(Enclosure e, Acceptance... acceptances) {
    return Review.of(HusbandryState.of(e, List.of(animals("slider", 1, 18)), TODAY))
        .accepting(List.of(acceptances), TODAY)
        .findings()
        .stream()
        .filter(f -> f.rule().equals("uvb-distance"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void an_accepted_finding_stays_and_says_so() {
    assertThat(judged(FAR).isOpen()).isTrue();
    assertThat(judged(FAR, ACCEPTED).accepted()).contains(ACCEPTED);
    assertThat(judged(FAR, ACCEPTED).isOpen()).isFalse();
  }

  @Test
  void it_is_open_again_on_the_day_to_ask() {
    Acceptance due =
        new Acceptance("uvb-distance", "They", Severity.WATCH, "a bracket comes", TODAY);
    assertThat(judged(FAR, due).isOpen()).isTrue();
  }

  @Test
  void what_grew_worse_is_a_new_finding() {
    Enclosure burning = sliderPool().with(new Change("/equipment/uvb-lamp/distanceCm", 5));
    assertThat(judged(burning, ACCEPTED).severity()).isEqualTo(Severity.WRONG);
    assertThat(judged(burning, ACCEPTED).isOpen()).isTrue();
  }

  @Test
  void of_several_only_the_newest_counts() {
    Acceptance takenBack =
        new Acceptance("uvb-distance", "They", Severity.WATCH, "taken back", TODAY);
    assertThat(judged(FAR, takenBack, ACCEPTED).isOpen()).isTrue();
    assertThat(judged(FAR, ACCEPTED, takenBack).isOpen()).isFalse();
  }

  @Test
  void a_danger_is_never_covered() {
    Enclosure trapped = sliderPool().with(new Change("/furnishings/hides/openingCm", 10));
    Acceptance accepted =
        new Acceptance("passage-traps", "They", Severity.DANGER, "no", TODAY.plusDays(10));
    assertThat(
            Review.of(HusbandryState.of(trapped, List.of(animals("slider", 1, 18)), TODAY))
                .accepting(List.of(accepted), TODAY)
                .findings())
        .filteredOn(f -> f.severity() == Severity.DANGER)
        .isNotEmpty()
        .allMatch(Finding::isOpen);
  }

  /** A torrent was once told by the rule of the weak filter. */
  @Test
  void what_was_accepted_under_a_former_name_of_the_rule_stays_accepted() {
    Enclosure torrent = sliderPool().with(new Change("/equipment/filter/flowLph", 50_000));
    Acceptance old =
        new Acceptance(
            "filter-too-weak", "They", Severity.WATCH, "a spray bar", TODAY.plusDays(10));
    assertThat(
            Review.of(HusbandryState.of(torrent, List.of(animals("slider", 1, 18)), TODAY))
                .accepting(List.of(old), TODAY)
                .findings())
        .filteredOn(f -> f.rule().equals("filter-too-strong"))
        .singleElement()
        .satisfies(f -> assertThat(f.accepted()).contains(old));
  }
}
