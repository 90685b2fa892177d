package app.islet.core.proposal;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.sliderPool;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;
import app.islet.core.review.Finding;
import app.islet.core.review.Review;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class AdjustmentTest {
  /** A tank made for larvae: shallow, no filter, nothing in it. */
  private static HusbandryState larvae() {
    Resident larvae = animals("axolotl", 2, 3);
    Enclosure design =
        Proposer.now(new Wish("Tub", List.of(larvae), Site.LIVING_ROOM, TODAY, Wish.Limits.NONE))
            .orElseThrow()
            .design();
    return HusbandryState.of(design, List.of(larvae), TODAY);
  }

  private static List<Resident> grown(HusbandryState s) {
    return s.residents().stream()
        .map(r -> r.seenAs(r.sheet().next(r.stage()).orElseThrow()))
        .toList();
  }

  private static Set<String> wrong(HusbandryState s) {
    return Review.judged(s)
        .filter(f -> f.severity() == Severity.DANGER || f.severity() == Severity.WRONG)
        .map(Finding::rule)
        .collect(Collectors.toSet());
  }

  @Test
  void what_the_next_stage_makes_wrong_is_put_right_or_told() {
    HusbandryState now = larvae();
    List<Resident> then = grown(now);
    Adjustment adjustment = Adjustment.of(now, then);
    Set<String> after = wrong(HusbandryState.of(adjustment.design(), then, TODAY));
    after.removeAll(wrong(now));
    assertThat(adjustment.left().stream().map(Finding::rule))
        .containsExactlyInAnyOrderElementsOf(after);
    assertThat(now.enclosure().with(adjustment.changes())).isEqualTo(adjustment.design());
  }

  @Test
  void a_good_design_for_both_stages_is_left_alone() {
    HusbandryState now = HusbandryState.of(sliderPool(), List.of(animals("slider", 1, 22)), TODAY);
    Adjustment same = Adjustment.of(now, now.residents());
    assertThat(same.steps()).isEmpty();
    assertThat(same.left()).isEmpty();
    assertThat(same.design()).isEqualTo(now.enclosure());
  }

  @Test
  void the_vessel_is_never_changed() {
    HusbandryState now = larvae();
    assertThat(Adjustment.of(now, grown(now)).design().vessel())
        .isEqualTo(now.enclosure().vessel());
  }
}
