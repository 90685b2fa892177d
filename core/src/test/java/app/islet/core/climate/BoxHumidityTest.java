package app.islet.core.climate;

import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.geometry.Geometry;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BoxHumidityTest {
  private static final Enclosure BOX =
      tank(60, 45, 45, 5).with(new Land(80, 14, 14)).withSite(steady(20));

  private static double percent(Lid lid, double vents, double mist) {
    Enclosure e = BOX.with(lid);
    return BoxHumidity.of(e, Geometry.of(e), 22, 25, 20, vents).percent(mist);
  }

  @Test
  void more_vent_is_drier_and_more_mist_is_wetter() {
    double last = 101;
    for (double vents : new double[] {0, 0.5, 1, 2, 5, 20}) {
      double now = percent(Lid.GLASS, vents, 0);
      assertThat(now).isLessThan(last);
      last = now;
    }
    assertThat(percent(Lid.MESH, 1, 0.3)).isGreaterThan(percent(Lid.MESH, 1, 0));
    assertThat(percent(Lid.NONE, 1, 0))
        .isLessThan(percent(Lid.MESH, 1, 0))
        .isLessThan(percent(Lid.GLASS, 1, 0));
  }

  @Test
  void what_a_keeper_can_turn_is_told_for_who_states_a_need() {
    Enclosure e = BOX.with(Lid.GLASS);
    Geometry s = Geometry.of(e);
    List<Resident> crabs = List.of(animals("vampire-crab", 6, 1.9));
    HumidityOptions told = HumidityOptions.of(e, s, Climate.of(e, s, crabs), crabs).orElseThrow();
    assertThat(told.wanted())
        .isEqualTo(crabs.get(0).stage().needs().humidity().orElseThrow().percent());
    assertThat(told.options())
        .allSatisfy(
            o ->
                assertThat(o.verdict() == HumidityOptions.Verdict.AS_WANTED)
                    .isEqualTo(told.wanted().contains(o.percent())));
    assertThat(told.options().get(4).percent()).isLessThan(told.options().get(0).percent());
    List<Resident> fish = List.of(animals("axolotl", 1, 20));
    assertThat(HumidityOptions.of(e, s, Climate.of(e, s, fish), fish)).isEmpty();
  }

  /** With all the room's air through it a box holds the room's vapour, at its own warmth. */
  @Test
  void wide_open_it_is_the_rooms_air_warmed() {
    BoxHumidity blown = new BoxHumidity(22, 25, 1.2, 100, 1e-6, 1e-6);
    assertThat(blown.percent(0)).isCloseTo(100 * 1.2 / MoistAir.saturationKpa(25), within(0.01));
  }

  @Test
  void shut_over_moist_ground_it_nears_saturation_and_never_passes_it() {
    assertThat(new BoxHumidity(25, 25, 0.5, 0, 0, 1e-6).percent(0)).isCloseTo(100, within(1e-9));
    assertThat(percent(Lid.GLASS, 0, 10)).isEqualTo(100);
  }

  /** Vapour that comes in goes out: summed by hand for one setting. */
  @Test
  void what_evaporates_is_carried_off() {
    BoxHumidity box = new BoxHumidity(22, 25, 1.0, 0.001, 2e-6, 3e-6);
    double vapour = box.percent(0.1) / 100 * MoistAir.saturationKpa(25);
    double in =
        2e-6 * (MoistAir.saturationKpa(22) - vapour)
            + 3e-6 * (MoistAir.saturationKpa(25) - vapour)
            + 0.1 / 86_400;
    double out = 0.001 * (vapour - 1.0) * 1000 / (461.5 * 298.15);
    assertThat(in).isCloseTo(out, within(1e-12));
  }
}
