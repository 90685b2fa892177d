package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Handling;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HoldingTubTest {
  private static Resident axolotl(double lengthCm) {
    return Setups.axolotls(1, lengthCm);
  }

  @Test
  void the_back_is_just_under_water_and_a_grown_axolotl_wants_a_few_litres() {
    HoldingTub tub = HoldingTub.of(axolotl(22), Optional.empty());
    assertThat(tub.litres()).isBetween(3.0, 8.0);
    assertThat(tub.depthCm()).isGreaterThan(2);
    assertThat(tub.conditioner()).isEmpty();
  }

  @Test
  void conditioner_is_dosed_by_its_label_for_that_water_alone() {
    HoldingTub tub =
        HoldingTub.of(axolotl(22), Optional.of(new Handling.Conditioner(10, 40, true)));
    assertThat(tub.conditioner().orElseThrow().ml()).isCloseTo(tub.litres() / 4, within(1e-9));
  }

  @Test
  void a_small_one_still_gets_two_centimetres() {
    assertThat(HoldingTub.of(axolotl(4), Optional.empty()).depthCm()).isEqualTo(2);
  }
}
