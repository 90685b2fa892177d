package app.islet.core.geometry;

import static app.islet.core.Setups.tank;
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
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The grid against closed forms. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class GridTest {
  private static Grid grid(Vessel vessel, double depthCm) {
    return Grid.of(Enclosure.bare("Vessel", vessel, depthCm));
  }

  static Furnishing stone(double x, double y, double l, double w, double from, double to) {
    return new Furnishing("s", FurnishingKind.STONE, x, y, l, w, from, to, false, false, false);
  }

  private static Enclosure furnished(Enclosure e, Furnishing... parts) {
    return e.with(Furnishings.NONE.with(parts));
  }

  @ParameterizedTest(name = "a box of {0} x {1} filled to {2} cm")
  @CsvSource({"100, 40, 30", "76.2, 30.48, 20", "33.3, 21.7, 5.5"})
  void a_box_is_exact(double l, double w, double depth) {
    Grid grid = grid(new Vessel(l, w, 60), depth);
    assertThat(grid.figures().waterL()).isCloseTo(l * w * depth / 1000, within(1e-9));
    assertThat(grid.figures().litresPerCm()).isCloseTo(l * w / 1000, within(1e-9));
    assertThat(grid.figures().insideCm2()).isCloseTo(l * w, within(1e-9));
  }

  @Test
  void a_wedge_is_as_good_as_its_cells() {
    Enclosure e = tank(100, 40, 30, 10).with(new Land(100, 20, 100));
    assertThat(Grid.of(e).figures().waterL()).isCloseTo(50 * 10 / 2.0 * 40 / 1000, within(0.01));
    assertThat(Grid.of(e).figures().dryCm2()).isCloseTo(2000, within(1e-9));
    assertThat(Grid.of(e).figures().shorelineCm()).isCloseTo(40, within(1e-9));
  }

  /** A cylinder holds pi r² h; in cells of 1 cm within three thousandths. */
  @Test
  void a_round_tub_holds_a_cylinder() {
    double exact = Math.PI * 50 * 50 * 40 / 1000;
    assertThat(grid(new Vessel(Vessel.Shape.OVAL, 100, 100, 60, 1), 40).figures().waterL())
        .isCloseTo(exact, within(0.003 * exact));
    assertThat(new Vessel(Vessel.Shape.OVAL, 100, 100, 60, 1).footprintCm2())
        .isCloseTo(Math.PI * 2500, within(1e-9));
  }

  /** A tub of sloping sides filled to the rim is the frustum of a cone. */
  @Test
  void a_tub_with_sloping_sides_holds_a_frustum() {
    double big = 50;
    double small = 35;
    double h = 60;
    double exact = Math.PI * h / 3 * (big * big + big * small + small * small) / 1000;
    assertThat(grid(new Vessel(Vessel.Shape.OVAL, 100, 100, 60, 0.7), 60).figures().waterL())
        .isCloseTo(exact, within(0.005 * exact));
  }

  @Test
  void a_corner_tank_is_a_quarter_of_a_cylinder_and_a_bow_front_swells() {
    assertThat(grid(new Vessel(Vessel.Shape.CORNER, 70, 70, 60, 1), 50).figures().waterL())
        .isCloseTo(Math.PI / 4 * 70 * 70 * 50 / 1000, within(1.0));
    Vessel bow = new Vessel(Vessel.Shape.BOW, 90, 50, 50, 1);
    // Straight to four fifths of the width, then a parabola: 2/3 of the last fifth.
    assertThat(grid(bow, 40).figures().waterL())
        .isCloseTo(90 * 50 * (0.8 + 0.2 * 2 / 3) * 40 / 1000, within(1.0));
    assertThat(bow.footprintCm2()).isCloseTo(grid(bow, 40).figures().insideCm2(), within(25.0));
  }

  @Test
  void a_stone_takes_the_place_of_just_its_water() {
    Enclosure bare = tank(100, 40, 50, 30);
    Enclosure stony = furnished(bare, stone(10, 10, 20, 15, 0, 12));
    assertThat(Grid.of(stony).figures().displacedL())
        .isCloseTo(20 * 15 * 12 / 1000.0, within(1e-9));
    assertThat(Grid.of(stony).figures().waterL() + Grid.of(stony).figures().displacedL())
        .isCloseTo(Grid.of(bare).figures().waterL(), within(1e-9));
    Enclosure rising = furnished(bare, stone(10, 10, 20, 15, 0, 45));
    assertThat(Grid.of(rising).figures().displacedL())
        .isCloseTo(20 * 15 * 30 / 1000.0, within(1e-9));
    assertThat(Grid.of(rising).figures().dryCm2()).isCloseTo(300, within(1e-9));
    assertThat(Grid.of(rising).figures().shorelineCm()).isCloseTo(2 * (20 + 15), within(1e-9));
  }

  @Test
  void two_stones_in_one_place_take_no_more_than_is_there() {
    Enclosure e =
        furnished(
            tank(100, 40, 50, 30), stone(10, 10, 20, 15, 0, 40), stone(10, 10, 20, 15, 0, 40));
    assertThat(Grid.of(e).figures().displacedL()).isCloseTo(20 * 15 * 30 / 1000.0, within(1e-9));
  }

  @Test
  void raising_the_line_never_loses_water() {
    Enclosure e =
        furnished(
            tank(80, 40, 50, 1).with(new Land(40, 30, 25)),
            stone(5, 5, 12, 12, 0, 18),
            new Furnishing("c", FurnishingKind.CAVE, 20, 8, 18, 14, 0, 10, true, false, false));
    double before = 0;
    for (double depth = 0.5; depth <= 50; depth += 0.5) {
      double now = Grid.of(e.with(new Change("/water/depthCm", depth))).figures().waterL();
      assertThat(now).isGreaterThanOrEqualTo(before);
      before = now;
    }
  }

  @Test
  void depths_come_in_bands_that_add_up() {
    Enclosure e = tank(100, 40, 30, 20).with(new Land(50, 30, 50));
    assertThat(Grid.of(e).figures().depthBands(4))
        .hasSize(4)
        .satisfies(
            bands ->
                assertThat(bands.stream().mapToDouble(GridFigures.Band::sharePercent).sum())
                    .isCloseTo(100, within(1e-9)));
    assertThat(Grid.of(tank(50, 40, 30, 0)).figures().depthBands(4)).isEmpty();
  }

  @Test
  void the_basking_platform_is_no_dry_land() {
    Enclosure e =
        furnished(tank(100, 40, 50, 30).with(new Platform(30, 20)), stone(5, 5, 10, 10, 0, 8));
    assertThat(Grid.of(e).figures().dryCm2()).isZero();
    assertThat(Geometry.of(e).dryLandCm2()).isZero();
    assertThat(Geometry.of(e).baskingCm2(e)).isEqualTo(600);
  }

  /** A square stone turned by any angle displaces what it displaced before. */
  @ParameterizedTest(name = "turned {0} degrees")
  @ValueSource(doubles = {0, 30, 45, 90, 133})
  void turning_a_part_changes_its_place_and_not_its_volume(double degrees) {
    Furnishing beam =
        new Furnishing(
            "b", FurnishingKind.WOOD, 30, 15, 40, 10, 0, 20, degrees, false, false, false);
    assertThat(Grid.of(furnished(tank(100, 60, 50, 30), beam)).figures().displacedL())
        .isCloseTo(40 * 10 * 20 / 1000.0, within(1e-9));
    assertThat(beam.spanX()).isLessThanOrEqualTo(Math.hypot(40, 10) + 1e-9);
    assertThat(beam.turned(90).leftCm()).isCloseTo(45, within(1e-9));
    assertThat(beam.turned(90).spanX()).isCloseTo(10, within(1e-9));
  }

  @Test
  void a_slope_of_ground_is_half_its_block() {
    Furnishing slope =
        new Furnishing("b", FurnishingKind.SLOPE, 50, 0, 40, 40, 0, 20, false, false, false);
    Grid grid = Grid.of(furnished(tank(100, 40, 50, 30), slope));
    assertThat(grid.figures().displacedL()).isCloseTo(40 * 40 * 20 / 2 / 1000.0, within(0.05));
  }

  /** Straight between the points, so two triangles: 1/2 · 40 · 20 and 1/2 · 60 · 20 cm². */
  @Test
  void points_shape_the_ground() {
    Enclosure e =
        tank(100, 40, 50, 30)
            .with(
                new Substrate(SubstrateMaterial.SAND, 0)
                    .withPoints(List.of(new Substrate.Point(40, 20))));
    Geometry geometry = Geometry.of(e);
    double exact = (100 * 30 - 0.5 * 100 * 20) * 40 / 1000.0;
    assertThat(geometry.waterL()).isCloseTo(exact, within(1e-9));
    assertThat(Grid.of(e).figures().waterL()).isCloseTo(exact, within(0.01));
    assertThat(Geometry.of(e.with(new Change("/water/depthCm", 10))).waterSharePercent())
        .isCloseTo(50, within(1.0));
  }

  @Test
  void water_stays_on_its_side_of_a_partition_however_thin() {
    Enclosure e = tank(100, 40, 50, 20);
    Furnishing pane =
        new Furnishing("p", FurnishingKind.PARTITION, 60, 0, 0.6, 40, 0, 30, false, false, false);
    Geometry parted = Geometry.of(furnished(e, pane));
    assertThat(parted.waterL()).isCloseTo(60 * 40 * 20 / 1000.0, within(0.9));
    assertThat(parted.dryLandCm2()).isCloseTo(40 * 40, within(45.0));
    Furnishing low =
        new Furnishing("p", FurnishingKind.PARTITION, 60, 0, 0.6, 40, 0, 15, false, false, false);
    assertThat(Geometry.of(furnished(e, low)).waterL())
        .as("water runs over a low one, less the pane itself")
        .isCloseTo(80 - 0.6 * 40 * 15 / 1000, within(1e-9));
    Furnishing slit =
        new Furnishing("p", FurnishingKind.PARTITION, 60, 5, 0.6, 35, 0, 30, false, false, false);
    assertThat(Geometry.of(furnished(e, slit)).waterL())
        .as("and round one that leaves a gap")
        .isCloseTo(80 - 0.6 * 35 * 20 / 1000, within(1e-9));
  }

  @Test
  void water_is_poured_in_where_the_ground_is_deepest() {
    Furnishing pane =
        new Furnishing("p", FurnishingKind.PARTITION, 60, 0, 1, 40, 0, 40, false, false, false);
    Furnishing step =
        new Furnishing("t", FurnishingKind.TERRACE, 0, 0, 30, 40, 0, 4, false, false, false);
    Enclosure e =
        tank(100, 40, 50, 20)
            .with(
                new Substrate(SubstrateMaterial.SAND, 2)
                    .withPoints(List.of(new Substrate.Point(0, 8), new Substrate.Point(58, 8))));
    // Ground falls from 8 cm at 58 cm to nothing at the right end: the right side is filled.
    Geometry geometry = Geometry.of(furnished(e, pane, step));
    assertThat(geometry.waterSharePercent()).isCloseTo(39, within(1.0));
  }

  @Test
  void room_to_swim_and_turn_is_what_is_deep_enough_and_free() {
    Enclosure box = tank(100, 40, 30, 10);
    SwimmingSpace open = Grid.of(box).swim(5);
    assertThat(open.areaCm2()).isCloseTo(4000, within(1e-9));
    assertThat(open.turnCm()).isCloseTo(40, within(1e-9));
    assertThat(open.runCm()).isCloseTo(100, within(1e-9));
    assertThat(Grid.of(box).swim(11).areaCm2()).isZero();
    SwimmingSpace parted = Grid.of(furnished(box, stone(30, 0, 10, 40, 0, 20))).swim(5);
    assertThat(parted.areaCm2()).isCloseTo(3600, within(1e-9));
    assertThat(parted.turnCm()).isCloseTo(40, within(1e-9));
    assertThat(parted.runCm()).isCloseTo(60, within(1e-9));
    SwimmingSpace cluttered =
        Grid.of(furnished(box, stone(30, 0, 10, 40, 0, 20), stone(60, 5, 10, 35, 0, 20))).swim(5);
    assertThat(cluttered.turnCm()).isCloseTo(30, within(1e-9));
    Enclosure wedge = box.with(new Land(100, 20, 100));
    assertThat(Grid.of(wedge).swim(5).areaCm2()).isCloseTo(25 * 40, within(1e-9));
    assertThat(Grid.of(wedge).swim(5).turnCm()).isCloseTo(25, within(1e-9));
  }

  @Test
  void floor_to_walk_on_and_shade_follow_what_stands_and_floats() {
    Enclosure box = tank(100, 40, 30, 10);
    assertThat(Grid.of(box).figures().walkableCm2()).isCloseTo(4000, within(1e-9));
    assertThat(Grid.of(box).figures().shadePercent()).isZero();
    Furnishing float1 =
        new Furnishing("f", FurnishingKind.FLOAT, 0, 0, 50, 20, 0, 2, false, false, false);
    Grid grid = Grid.of(furnished(box, stone(60, 0, 20, 20, 0, 20), float1));
    assertThat(grid.figures().walkableCm2()).isCloseTo(3600, within(1e-9));
    assertThat(grid.figures().shadePercent()).isCloseTo(25, within(1e-9));
  }

  @Test
  void a_cut_meets_water_from_the_pane_to_the_bank_and_not_behind_a_partition() {
    // The bank rises 30 cm over its 50 cm: it leaves water of 18 cm after 30 of them.
    Enclosure bank = tank(100, 40, 50, 18).with(new Land(50, 30, 50));
    assertThat(Grid.of(bank).waterAlong(20)).containsExactly(new Grid.Stretch(0, 80));
    Furnishing pane =
        new Furnishing("p", FurnishingKind.PARTITION, 60, 0, 1, 40, 0, 50, false, false, false);
    assertThat(Grid.of(furnished(tank(100, 40, 50, 20), pane)).waterAlong(39.9))
        .hasSize(1)
        .first()
        .satisfies(stretch -> assertThat(stretch.fromCm()).isZero())
        .satisfies(stretch -> assertThat(stretch.toCm()).isBetween(59.0, 61.0));
    assertThat(Grid.of(tank(100, 40, 50, 0)).waterAlong(20)).isEmpty();
  }
}
