package app.islet.core.proposal;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Vessel;
import app.islet.core.review.Finding;
import app.islet.core.review.Review;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class MendingTest {
  private static final HusbandryState BARE =
      HusbandryState.of(
          Enclosure.bare("As seen", new Vessel(100, 50, 45), 40),
          List.of(animals("axolotl", 1, 22)),
          TODAY);

  private static long wrong(HusbandryState s) {
    return Review.judged(s).filter(f -> f.severity().compareTo(Severity.WATCH) < 0).count();
  }

  private static List<String> mendable(HusbandryState s) {
    return Review.of(s).findings().stream()
        .filter(f -> Mending.remedy(f).isPresent())
        .map(Finding::rule)
        .distinct()
        .toList();
  }

  /** Remedies are tried before they are offered: so each ends or softens what it is for. */
  @Test
  void each_remedy_tried_softens_its_finding() {
    assertThat(mendable(BARE)).isNotEmpty();
    for (String rule : mendable(BARE)) {
      Mending tried = Mending.of(BARE, List.of(rule));
      Finding before = tried.steps().get(0).because();
      assertThat(
              Review.of(tried.state()).findings().stream()
                  .filter(f -> f.rule().equals(rule) && f.who().equals(before.who())))
          .as(rule)
          .allMatch(f -> f.severity().compareTo(before.severity()) > 0);
      assertThat(tried.keys()).containsExactly(rule);
    }
  }

  @Test
  void several_go_together_in_the_order_they_were_tried() {
    String first = mendable(BARE).get(0);
    Mending one = Mending.of(BARE, List.of(first));
    String second = mendable(one.state()).get(0);
    Mending both = Mending.of(BARE, List.of(first, second));
    assertThat(both.steps()).hasSize(2);
    assertThat(both.state().enclosure())
        .isEqualTo(one.state().enclosure().with(both.steps().get(1).remedy().changes()));
  }

  @Test
  void all_leaves_no_more_wrong_and_the_vessel_alone() {
    Mending all = Mending.of(BARE, List.of(Mending.ALL));
    assertThat(wrong(all.state())).isLessThan(wrong(BARE));
    assertThat(all.state().enclosure().vessel()).isEqualTo(BARE.enclosure().vessel());
    assertThat(all.steps().stream().map(s -> s.because().rule()).collect(Collectors.toSet()))
        .isNotEmpty();
  }

  @Test
  void what_is_not_wrong_is_not_tried() {
    Mending same = Mending.of(BARE, List.of("no-such-rule", "no-such-rule"));
    assertThat(same.state()).isEqualTo(BARE);
    assertThat(same.keys()).isEmpty();
  }
}
