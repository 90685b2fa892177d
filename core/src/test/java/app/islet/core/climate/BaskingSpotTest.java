package app.islet.core.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.quantity.Range;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BaskingSpotTest {
  private static final BaskingSpot LAMP = BaskingSpot.of(50, 60, 24);

  @Test
  void the_rise_follows_the_inverse_square_and_is_halved_at_half_the_cone() {
    double near = LAMP.surfaceC(20, 0) - 24;
    assertThat(LAMP.surfaceC(40, 0) - 24).isCloseTo(near / 4, within(1e-9));
    // At 30° half the strength is left, the way is 1 / cos longer and falls in at that angle.
    double cos = Math.cos(Math.toRadians(30));
    double aside = 20 * Math.tan(Math.toRadians(30));
    assertThat(LAMP.surfaceC(20, aside) - 24).isCloseTo(near * 0.5 * cos * cos * cos, within(1e-9));
  }

  /** All that is radiated falls somewhere: summed over a wide plane it is the lamp's share. */
  @Test
  void what_the_plane_takes_is_what_the_lamp_gives() {
    double sum = 0;
    for (double r = 0.05; r < 3000; r += 0.1) {
      double irradiance = (LAMP.surfaceC(30, r) - 24) * 11 / 0.9;
      sum += irradiance * 2 * Math.PI * r * 0.1 / 1e4;
    }
    assertThat(sum).isCloseTo(0.35 * 50, within(0.35 * 50 * 0.01));
  }

  @Test
  void the_distance_found_has_the_temperature_wanted() {
    assertThat(LAMP.surfaceC(LAMP.distanceFor(35), 0)).isCloseTo(35, within(1e-4));
    assertThat(LAMP.burnsWithinCm()).isLessThan(LAMP.distanceFor(35));
  }

  @Test
  void one_measured_point_sets_it_right_there_and_everywhere_in_proportion() {
    BaskingSpot measured = LAMP.measured(36, 25);
    assertThat(measured.surfaceC(25, 0)).isCloseTo(36, within(1e-9));
    assertThat(measured.surfaceC(50, 0)).isCloseTo(27, within(1e-9));
    assertThat(LAMP.measured(20, 25)).as("colder than the air").isEqualTo(LAMP);
  }

  @Test
  void the_warm_patch_is_wider_for_a_wider_range() {
    Range narrow = new Range(32, 36);
    Range wide = new Range(28, 40);
    double cm = LAMP.distanceFor(34);
    assertThat(LAMP.reachCm(cm, wide)).isGreaterThan(LAMP.reachCm(cm, narrow));
  }
}
