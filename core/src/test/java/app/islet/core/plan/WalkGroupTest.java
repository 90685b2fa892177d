package app.islet.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Purpose;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WalkGroupTest {
  private static final double FULL_CM = Setups.axolotls(1, 22).sheet().body().adultLengthCm();

  @Test
  void young_is_under_half_of_the_full_length() {
    Resident just = Setups.axolotls(1, FULL_CM / 2);
    Resident under = Setups.axolotls(1, FULL_CM / 2 - 0.1);
    assertThat(WalkGroup.of(Purpose.HOME, List.of(just))).isEqualTo(WalkGroup.GROWN);
    assertThat(WalkGroup.of(Purpose.HOME, List.of(under))).isEqualTo(WalkGroup.YOUNG);
    assertThat(WalkGroup.of(Purpose.HOME, List.of(just, under)))
        .as("the young decide")
        .isEqualTo(WalkGroup.YOUNG);
    assertThat(WalkGroup.of(Purpose.HOME, List.of())).isEqualTo(WalkGroup.GROWN);
    assertThat(WalkGroup.of(Purpose.QUARANTINE, List.of(under))).isEqualTo(WalkGroup.APART);
    assertThat(WalkGroup.of(Purpose.HOSPITAL, List.of())).isEqualTo(WalkGroup.APART);
    assertThat(WalkGroup.of(Purpose.LARVA_CUP, List.of(under))).isEqualTo(WalkGroup.YOUNG);
  }
}
