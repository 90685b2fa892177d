package app.islet.core.geometry;

import static app.islet.core.Setups.tank;
import static app.islet.core.geometry.GridTest.stone;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.Evidence;
import app.islet.core.care.Locomotion;
import app.islet.core.care.Surface;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Platform;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Ways out, rests and heights for a body 10 cm long that climbs 40 degrees and steps 5 cm. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ReachabilityTest {
  private static final Reachability.Body TURTLE =
      new Reachability.Body(
          10,
          new Locomotion(
              Map.of(
                  Surface.GLASS,
                  0.0,
                  Surface.SMOOTH,
                  10.0,
                  Surface.LOOSE,
                  40.0,
                  Surface.ROUGH,
                  50.0),
              0.5,
              0,
              20,
              5,
              Evidence.MEMORY),
          4);

  private static Reachability reach(Enclosure e) {
    return Reachability.of(Grid.of(e), TURTLE);
  }

  private static Enclosure furnished(Enclosure e, Furnishing... parts) {
    return e.with(Furnishings.NONE.with(parts));
  }

  private static Furnishing part(
      FurnishingKind kind, double x, double l, double from, double to, boolean left) {
    return new Furnishing("p", kind, x, 5, l, 20, from, to, false, left, false);
  }

  @Test
  void four_panes_trap_everything_that_swims() {
    Enclosure e = tank(80, 40, 40, 20);
    Reachability reach = reach(e);
    assertThat(reach.waysOut()).isZero();
    assertThat(reach.trappedPercent()).isEqualTo(100);
    assertThat(reach.highestCm()).isEqualTo(20);
    assertThat(reach.farthestCm(Grid.of(e))).isInfinite();
    assertThat(reach.untrapped().trappedPercent()).isZero();
    assertThat(reach.untrapped().marks()).containsOnly(Reachability.Mark.WATER);
  }

  @ParameterizedTest(name = "a beach of {0} cm run to a height of 30: {1} ways out")
  @CsvSource({"60, 1", "38, 1", "25, 0"})
  void a_beach_is_a_way_out_where_it_is_no_steeper_than_the_animal_climbs(double rampCm, int ways) {
    // 30 cm over 38 cm are 38.3 degrees, over 25 cm 50.2.
    Reachability reach = reach(tank(120, 40, 50, 20).with(new Land(60, 30, rampCm)));
    assertThat(reach.waysOut()).isEqualTo(ways);
  }

  /** The line comes to lie anywhere between two cells: that makes no bank steeper or flatter. */
  @Test
  void wherever_the_line_cuts_a_bank_it_is_as_steep() {
    for (double line = 8; line < 24; line += 0.1) {
      Enclosure e = tank(120, 40, 50, line);
      assertThat(reach(e.with(new Land(60, 30, 25))).waysOut()).as("%s", line).isZero();
      assertThat(reach(e.with(new Land(60, 30, 38))).waysOut()).as("%s", line).isEqualTo(1);
    }
  }

  @Test
  void a_bank_is_gained_by_a_step_and_no_higher() {
    assertThat(reach(tank(80, 40, 40, 20).with(new Land(30, 25, 0))).waysOut()).isEqualTo(1);
    assertThat(reach(tank(80, 40, 40, 20).with(new Land(30, 25.5, 0))).waysOut()).isZero();
  }

  @Test
  void a_step_needs_room_to_stand_behind_it() {
    Enclosure e = tank(80, 40, 40, 20);
    assertThat(reach(furnished(e, stone(30, 10, 12, 12, 0, 24))).waysOut()).isEqualTo(1);
    assertThat(reach(furnished(e, stone(30, 10, 3, 3, 0, 24))).waysOut()).isZero();
  }

  @Test
  void without_water_it_walks_from_the_floor() {
    Enclosure dry = tank(80, 40, 60, 0);
    Reachability bare = reach(dry);
    assertThat(bare.reachedCm2()).isCloseTo(80 * 40, within(1e-9));
    assertThat(bare.waysOut()).isZero();
    assertThat(bare.highestCm()).isZero();
    assertThat(reach(furnished(dry, stone(30, 10, 12, 12, 0, 5))).highestCm())
        .as("a step of its own height")
        .isEqualTo(5);
    assertThat(reach(furnished(dry, stone(30, 10, 12, 12, 0, 6))).highestCm())
        .as("and no higher")
        .isZero();
    assertThat(
            reach(furnished(dry, stone(30, 10, 12, 12, 0, 5), stone(42, 10, 12, 12, 0, 10)))
                .highestCm())
        .as("from stone to stone")
        .isEqualTo(10);
  }

  @Test
  void a_ramp_leads_to_the_shelf_it_leans_on() {
    Enclosure e = tank(120, 40, 60, 30);
    Furnishing shelf = part(FurnishingKind.SHELF, 80, 30, 38, 42, false);
    assertThat(reach(furnished(e, shelf)).waysOut()).isZero();
    Reachability reach =
        reach(furnished(e, shelf, part(FurnishingKind.RAMP, 30, 50, 0, 42, false)));
    assertThat(reach.waysOut()).isEqualTo(1);
    assertThat(reach.highestCm()).isCloseTo(42, within(1e-9));
    assertThat(reach.reachedCm2()).isGreaterThan(30 * 20);
  }

  @Test
  void a_ramp_never_lowers_reach() {
    Enclosure e = tank(120, 40, 60, 30).with(new Land(25, 36, 24));
    for (double x = 0; x < 90; x += 7) {
      Reachability with = reach(furnished(e, part(FurnishingKind.RAMP, x, 30, 0, 40, false)));
      assertThat(with.waysOut()).isGreaterThanOrEqualTo(reach(e).waysOut());
      assertThat(with.highestCm()).isGreaterThanOrEqualTo(reach(e).highestCm());
    }
  }

  @Test
  void two_banks_are_two_ways_out() {
    Enclosure e =
        furnished(tank(120, 40, 40, 20), stone(0, 0, 20, 40, 0, 24), stone(100, 0, 20, 40, 0, 24));
    Reachability reach = reach(e);
    assertThat(reach.waysOut()).isEqualTo(2);
    assertThat(reach.farthestCm(Grid.of(e))).isCloseTo(40, within(1.0));
  }

  @Test
  void water_behind_a_wall_has_no_way_out() {
    // A wall at the middle of the tank; the beach is right of it.
    Enclosure e =
        furnished(
            tank(100, 40, 40, 20).with(new Land(40, 30, 38)),
            new Furnishing("w", FurnishingKind.BOX, 40, 0, 4, 40, 0, 38, false, false, false));
    Reachability reach = reach(e);
    assertThat(reach.waysOut()).isEqualTo(1);
    // Left of the wall 40 cm, right of it 16 cm and 25 cm of the slope.
    assertThat(reach.trappedPercent()).isBetween(45.0, 55.0);
  }

  @Test
  void a_floating_platform_follows_the_line() {
    for (double depth : new double[] {10, 20, 30}) {
      Reachability reach =
          reach(
              furnished(tank(80, 40, 40, depth), part(FurnishingKind.FLOAT, 40, 30, 0, 2, false)));
      assertThat(reach.waysOut()).isEqualTo(1);
      assertThat(reach.highestCm()).isCloseTo(depth + 2, within(1e-9));
    }
  }

  @Test
  void a_shelf_near_the_surface_and_dense_plants_are_rests() {
    Enclosure e = tank(80, 40, 40, 20);
    assertThat(reach(furnished(e, part(FurnishingKind.SHELF, 0, 20, 15, 17, false))).restCm2())
        .isCloseTo(400, within(1e-9));
    assertThat(reach(furnished(e, part(FurnishingKind.SHELF, 0, 20, 13, 15, false))).restCm2())
        .isZero();
    assertThat(reach(furnished(e, part(FurnishingKind.PLANTS, 0, 20, 0, 20, false))).restCm2())
        .isCloseTo(400, within(1e-9));
  }

  @Test
  void the_basking_platform_is_a_way_out_by_its_ramp_for_the_smallest_too() {
    Enclosure e = tank(80, 40, 40, 20).with(new Platform(30, 20));
    Reachability.Body hatchling = new Reachability.Body(3, TURTLE.locomotion(), 4);
    Reachability reach = Reachability.of(Grid.of(e), hatchling);
    assertThat(reach.waysOut()).isEqualTo(1);
    assertThat(reach.trappedPercent()).isZero();
    assertThat(reach.highestCm()).isEqualTo(22);
  }

  /** 7 cm wide with a head of 2.5 and 4 cm high, so held by gaps from 2.5 to 9.1 cm. */
  private static final Reachability.Body SHELL =
      new Reachability.Body(10, TURTLE.locomotion(), 4, 7, 2.5, 4);

  @ParameterizedTest(name = "{0} cm from the wall: {1} passages")
  @CsvSource({"0, 0", "2, 0", "3, 1", "9, 1", "10, 0"})
  void a_gap_wider_than_the_head_and_narrower_than_the_shell_holds_it(double gap, int found) {
    Enclosure e = furnished(tank(80, 40, 40, 20), stone(gap, 12, 20, 28, 0, 30));
    Reachability reach = Reachability.of(Grid.of(e), SHELL);
    assertThat(reach.passages()).hasSize(found);
    assertThat(reach.passages())
        .allSatisfy(
            p -> {
              assertThat(p.gapCm()).isEqualTo(gap);
              assertThat(p.xCm()).isCloseTo(gap / 2, within(1e-9));
              assertThat(p.under()).isFalse();
            });
    assertThat(Reachability.of(Grid.of(e), TURTLE).passages()).as("soft bodies back out").isEmpty();
  }

  @Test
  void a_round_stone_against_the_wall_leaves_no_passage() {
    Furnishing round =
        new Furnishing("r", FurnishingKind.STONE, 20, 0, 20, 20, 0, 30, true, false, false);
    assertThat(Reachability.of(Grid.of(furnished(tank(80, 40, 40, 20), round)), SHELL).passages())
        .isEmpty();
  }

  @Test
  void a_round_stone_a_hand_from_the_wall_leaves_one() {
    Furnishing round =
        new Furnishing("r", FurnishingKind.STONE, 20, 6, 30, 30, 0, 30, true, false, false);
    List<Reachability.Passage> found =
        Reachability.of(Grid.of(furnished(tank(80, 60, 40, 20), round)), SHELL).passages();
    assertThat(found).hasSize(1);
    assertThat(found.get(0).gapCm()).isCloseTo(6, within(1.0));
    assertThat(found.get(0).xCm()).isCloseTo(35, within(3.0));
  }

  @ParameterizedTest(name = "a shelf {0} cm over the floor: {1} passages")
  @CsvSource({"0, 0", "2, 0", "3, 1", "5, 0"})
  void a_shelf_too_low_to_go_under_holds_the_shell(double bottom, int found) {
    Enclosure e =
        furnished(
            tank(80, 40, 40, 20), part(FurnishingKind.SHELF, 30, 20, bottom, bottom + 2, false));
    assertThat(Reachability.of(Grid.of(e), SHELL).passages())
        .hasSize(found)
        .allMatch(Reachability.Passage::under);
  }

  /** From the middle of a float 40 by 20 cm it is 10 cm to its nearer edge. */
  @Test
  void under_a_float_it_is_half_its_width_to_air() {
    Enclosure e = tank(100, 60, 40, 20);
    Furnishing floating =
        new Furnishing("f", FurnishingKind.FLOAT, 30, 20, 40, 20, 0, 2, false, false, false);
    assertThat(Reachability.of(Grid.of(furnished(e, floating)), SHELL).farthestAirCm())
        .isCloseTo(10, within(1e-9));
    assertThat(reach(e).farthestAirCm()).isZero();
    Furnishing low =
        new Furnishing("s", FurnishingKind.SHELF, 30, 20, 40, 20, 3, 30, false, false, false);
    assertThat(Reachability.of(Grid.of(furnished(e, low)), SHELL).farthestAirCm())
        .as("it does not fit under there at all")
        .isZero();
  }

  @Test
  void the_only_way_out_is_as_broad_as_its_shore() {
    Reachability beach = reach(tank(120, 40, 50, 20).with(new Land(60, 30, 60)));
    assertThat(beach.onlyWayCm()).isCloseTo(40, within(1e-9));
    assertThat(reach(tank(80, 40, 40, 20)).onlyWayCm()).isZero();
    assertThat(
            reach(
                    furnished(
                        tank(120, 40, 40, 20),
                        stone(0, 0, 20, 40, 0, 24),
                        stone(100, 0, 20, 40, 0, 24)))
                .onlyWayCm())
        .isInfinite();
  }

  /** On the box's floor at 42 cm the box's own walls count, not the rim at 40. */
  @Test
  void a_basking_box_over_the_rim_has_walls_of_its_own() {
    Enclosure e = tank(100, 40, 40, 32);
    Furnishing box =
        new Furnishing("b", FurnishingKind.BASKING_BOX, 60, 0, 40, 40, 42, 62, false, false, false);
    Furnishing ramp = part(FurnishingKind.RAMP, 20, 40, 20, 42, false);
    Reachability reach = reach(furnished(e, box, ramp));
    assertThat(reach.waysOut()).isEqualTo(1);
    assertThat(reach.highestCm()).isEqualTo(42);
    assertThat(reach.leastRimCm())
        .as("the ramp itself leads up to the rim beside the box")
        .isLessThan(0);
    assertThat(reach.marks()).contains(Reachability.Mark.REACHED);
    assertThat(Basking.of(Grid.of(furnished(e, box, ramp)), reach, List.of(), 18, 14).bodies())
        .isBetween(4, 5);
  }

  @Test
  void a_lamp_counts_only_what_it_shines_on() {
    Enclosure e = furnished(tank(120, 40, 50, 20).with(new Land(50, 22, 40)));
    Grid grid = Grid.of(e);
    Reachability reach = reach(e);
    Furnishing over =
        new Furnishing(
            "l", FurnishingKind.BASKING_LAMP, 95, 15, 10, 10, 45, 50, false, false, false);
    Furnishing beside = over.at(5, 15);
    assertThat(Basking.of(grid, reach, List.of(), 10, 7).bodies()).isGreaterThan(10);
    // 23 cm over the land it lights a disc about 13 cm beyond its own edges.
    assertThat(Basking.of(grid, reach, List.of(over), 10, 7).bodies()).isBetween(6, 16);
    assertThat(Basking.of(grid, reach, List.of(beside), 10, 7).bodies()).isZero();
  }
}
