package app.islet.core.proposal;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.review.Finding;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Where an animal could go, by what would newly be wrong there. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PlacementTest {
  private static final HusbandryState ONE =
      HusbandryState.of(axolotlTank(), List.of(axolotls(1, 22)), TODAY);

  @Test
  void one_more_of_a_size_fits_where_there_is_room() {
    assertThat(Placement.of(ONE, axolotls(1, 21)).fits()).isTrue();
  }

  @Test
  void a_small_one_beside_a_large_one_does_not() {
    assertThat(Placement.of(ONE, axolotls(1, 8)).newly())
        .extracting(Finding::rule)
        .contains("one-eats-another");
  }

  @Test
  void a_frog_of_warm_water_does_not_and_is_ranked_behind() {
    Placement axolotl = Placement.of(ONE, axolotls(1, 21));
    Placement frog = Placement.of(ONE, animals("dwarf-frog", 3, 3));
    assertThat(frog.fits()).isFalse();
    assertThat(Stream.of(frog, axolotl).sorted(Placement.BEST_FIRST))
        .containsExactly(axolotl, frog);
  }

  @Test
  void what_is_wrong_there_already_is_not_told_of_the_newcomer() {
    HusbandryState bare =
        HusbandryState.of(
            axolotlTank().with(axolotlTank().furnishings().withHides(0, 0)),
            List.of(axolotls(1, 22)),
            TODAY);
    assertThat(Placement.of(bare, axolotls(1, 21)).newly())
        .extracting(Finding::rule)
        .doesNotContain("too-few-hides");
  }
}
