package app.islet.core.geometry;

import static app.islet.core.Setups.tank;
import static app.islet.core.Setups.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class GeometryTest {
  private static final Offset<Double> EXACT = within(1e-9);

  /**
   * A nominal tank of 48 x 24 x 10 in is sold as 50 gal and holds about 30 gal at 6 in: common
   * practice, no source. The exact volume of the box is 49.87 and 29.92 US gal.
   */
  @ParameterizedTest(name = "{0} x {1} x {2} in filled to {3} in holds {4} US gal")
  @CsvSource({
    "48, 24, 10, 10, 49.870130",
    "48, 24, 10, 6, 29.922078",
    "30, 12, 12, 12, 18.701299",
    "24, 12, 16, 16, 19.948052"
  })
  void a_box_holds_its_length_times_width_times_depth(
      double l, double w, double h, double depth, double gallons) {
    Geometry s = Geometry.of(tank(l * 2.54, w * 2.54, h * 2.54, depth * 2.54));
    assertThat(s.waterL() / 3.785411784).isCloseTo(gallons, within(1e-6));
    assertThat(s.waterSharePercent()).isEqualTo(100);
  }

  @Test
  void two_tanks_of_nearly_one_volume_differ_in_floor() {
    Geometry low = Geometry.of(tank(30 * 2.54, 12 * 2.54, 12 * 2.54, 12 * 2.54));
    Geometry tall = Geometry.of(tank(24 * 2.54, 12 * 2.54, 16 * 2.54, 16 * 2.54));
    assertThat(low.footprintCm2() / tall.footprintCm2()).isCloseTo(1.25, EXACT);
  }

  @Test
  void a_beach_over_the_whole_length_leaves_a_wedge() {
    // Ground from 0 at the left to 20 cm at the right, line at 10 cm: half the length is wet,
    // the wedge is 50 x 10 / 2.
    Geometry s = Geometry.of(with(tank(100, 40, 30, 10), new Land(100, 20, 100)));
    assertThat(s.waterL()).isCloseTo(50 * 10 / 2.0 * 40 / 1000, EXACT);
    assertThat(s.waterSharePercent()).isCloseTo(50, EXACT);
    assertThat(s.dryLandCm2()).isCloseTo(2000, EXACT);
    assertThat(s.slopeDeg()).isCloseTo(Math.toDegrees(Math.atan(0.2)), EXACT);
  }

  @Test
  void an_upright_block_of_land_makes_a_stair() {
    Geometry s = Geometry.of(with(tank(100, 40, 30, 10), new Land(25, 15, 0)));
    assertThat(s.waterL()).isCloseTo(75 * 10 * 40 / 1000.0, EXACT);
    assertThat(s.slopeDeg()).isEqualTo(90);
    assertThat(s.landAboveLineCm()).isCloseTo(5, EXACT);
  }

  @Test
  void land_under_the_line_is_no_land() {
    Geometry s = Geometry.of(with(tank(100, 40, 30, 20), new Land(25, 15, 0)));
    assertThat(s.dryLandCm2()).isZero();
    assertThat(s.waterL()).isCloseTo((75 * 20 + 25 * 5) * 40 / 1000.0, EXACT);
    assertThat(s.hasWayOut(with(tank(100, 40, 30, 20), new Land(25, 15, 0)), 90)).isFalse();
  }

  @Test
  void ground_lifts_the_line_and_takes_no_water() {
    Geometry s = Geometry.of(with(tank(60, 30, 30, 20), new Substrate(SubstrateMaterial.SAND, 5)));
    assertThat(s.lineCm()).isEqualTo(25);
    assertThat(s.waterL()).isCloseTo(36, EXACT);
    assertThat(s.freeboardCm()).isEqualTo(5);
  }

  @Test
  void raising_the_line_never_loses_water_and_gains_what_it_says() {
    Enclosure e = with(tank(120, 45, 50, 1), new Land(40, 30, 30));
    double before = 0;
    for (double depth = 0.5; depth <= 50; depth += 0.5) {
      Geometry s = Geometry.of(e.with(new Change("/water/depthCm", depth)));
      assertThat(s.waterL()).isGreaterThanOrEqualTo(before);
      before = s.waterL();
      boolean justAtTheLand =
          depth == 30; // the next drop spreads over the whole land: no single rate there
      if (depth < 49 && !justAtTheLand) {
        double next = Geometry.of(e.with(new Change("/water/depthCm", depth + 0.001))).waterL();
        assertThat((next - s.waterL()) / 0.001).isCloseTo(s.litresPerCm(), within(0.01));
      }
    }
  }

  @Test
  void a_platform_is_a_way_out_and_the_highest_foothold() {
    Enclosure e = with(tank(60, 30, 30, 20), new Platform(20, 20));
    assertThat(Geometry.of(e).hasWayOut(e, 30)).isTrue();
    assertThat(Geometry.of(e).rimAboveFootholdCm()).isEqualTo(8);
    assertThat(Geometry.of(e).freeboardCm()).isEqualTo(10);
  }

  @Test
  void what_stands_in_the_water_is_taken_off_the_exact_litres() {
    Enclosure e = with(tank(100, 40, 30, 10), new Land(100, 20, 100));
    Furnishing stone =
        new Furnishing("s", FurnishingKind.STONE, 5, 10, 10, 10, 0, 8, false, false, false);
    Enclosure stony = e.with(Furnishings.NONE.with(stone));
    assertThat(Geometry.of(stony).waterL())
        .isCloseTo(
            Geometry.of(e).waterL()
                - Geometry.of(stony).grid().orElseThrow().figures().displacedL(),
            EXACT);
    assertThat(Geometry.of(e).grid()).isEmpty();
  }

  @Test
  void a_round_tub_is_measured_by_its_cells() {
    Enclosure tub = Enclosure.bare("Tub", new Vessel(Vessel.Shape.OVAL, 100, 100, 60, 1), 40);
    Geometry s = Geometry.of(tub);
    assertThat(s.footprintCm2()).isCloseTo(Math.PI * 2500, EXACT);
    assertThat(s.waterL()).isCloseTo(Math.PI * 2500 * 40 / 1000, within(1.0));
    assertThat(s.waterSharePercent()).isEqualTo(100);
  }
}
