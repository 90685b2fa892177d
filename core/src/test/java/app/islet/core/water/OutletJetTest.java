package app.islet.core.water;

import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.FurnishingCatalogue;
import app.islet.core.enclosure.FurnishingKind;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a jet does by the laws of jets. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OutletJetTest {
  private static final OutletJet JET = new OutletJet(0, 20, true, 60);

  private static Enclosure filtered(boolean sprayBar) {
    Enclosure e = tank(100, 40, 40, 30);
    return FurnishingCatalogue.added(e, FurnishingKind.FILTER)
        .with(new Equipment.Filter(300, Optional.empty(), true, sprayBar));
  }

  /** Q = v A: 300 L/h through 13 mm is 62.8 cm/s. */
  @Test
  void it_leaves_as_fast_as_the_flow_needs_through_the_outlet() {
    assertThat(OutletJet.of(filtered(false)).orElseThrow().leavesCmS())
        .isCloseTo(62.8, within(0.1));
  }

  /** A free jet keeps its momentum: the same through each cross-section, here within 10 %. */
  @ParameterizedTest
  @ValueSource(doubles = {20, 50, 90})
  void it_keeps_its_momentum(double along) {
    double start = 60 * 60 * Math.PI * OutletJet.BORE_CM * OutletJet.BORE_CM / 4;
    double there = 0;
    double ring = 0.01;
    for (double r = ring / 2; r < 60; r += ring) {
      double v = JET.speedCmS(along, 20 + r);
      there += v * v * 2 * Math.PI * r * ring;
    }
    assertThat(there / start).isCloseTo(1, within(0.1));
  }

  @Test
  void twice_as_far_it_runs_half_as_fast_and_beside_it_slower() {
    assertThat(JET.speedCmS(80, 20)).isCloseTo(JET.speedCmS(40, 20) / 2, within(1e-9));
    assertThat(JET.speedCmS(50, 20 + 4.7)).isCloseTo(JET.speedCmS(50, 20) / 2, within(1e-9));
    assertThat(JET.speedCmS(-1, 20)).isZero();
    assertThat(JET.speedCmS(2, 20)).isEqualTo(60);
  }

  @Test
  void what_is_spread_or_nowhere_makes_no_jet() {
    assertThat(OutletJet.of(filtered(true))).isEmpty();
    assertThat(OutletJet.of(FurnishingCatalogue.added(filtered(false), FurnishingKind.SPRAY_BAR)))
        .isEmpty();
    assertThat(
            OutletJet.of(
                tank(100, 40, 40, 30).with(new Equipment.Filter(300, Optional.empty(), true))))
        .isEmpty();
  }

  @Test
  void it_blows_to_the_farther_end() {
    OutletJet jet = OutletJet.of(filtered(false)).orElseThrow();
    assertThat(jet.toRight()).isTrue();
    OutletJet back = new OutletJet(90, 20, false, 60);
    assertThat(back.speedCmS(95, 20)).isZero();
    assertThat(back.speedCmS(50, 20)).isEqualTo(JET.speedCmS(40, 20));
  }
}
