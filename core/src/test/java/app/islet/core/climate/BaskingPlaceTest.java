package app.islet.core.climate;

import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Platform;
import app.islet.core.geometry.BaskingPlace;
import app.islet.core.geometry.Geometry;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Where the lamps are aimed at, and what the basking lamp makes of it. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BaskingPlaceTest {
  private static final Enclosure TANK =
      tank(
          120,
          50,
          50,
          20,
          new Equipment.BaskingLamp(
              50, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.of(30)));

  private static Optional<BaskingPlace> place(Enclosure e) {
    return BaskingPlace.of(e, Geometry.of(e));
  }

  private static Furnishing part(FurnishingKind kind, double x, double bottom, double top) {
    return new Furnishing("p" + x, kind, x, 10, 20, 20, bottom, top, false, false, false);
  }

  @Test
  void open_water_has_none_and_so_no_spot() {
    assertThat(place(TANK)).isEmpty();
    assertThat(Spot.of(TANK, Geometry.of(TANK), 22)).isEmpty();
  }

  @Test
  void a_platform_floats_over_the_line_and_land_stands_at_its_height() {
    assertThat(place(TANK.with(new Platform(30, 20))).orElseThrow().heightCm())
        .isCloseTo(22, within(1e-9));
    BaskingPlace land = place(TANK.with(new Land(25, 28, 0))).orElseThrow();
    assertThat(land.heightCm()).isCloseTo(28, within(1e-9));
    assertThat(land.xCm()).isBetween(100.0, 115.0);
  }

  @Test
  void with_two_dry_places_the_one_under_the_lamp_counts() {
    Enclosure two =
        TANK.with(
            TANK.furnishings()
                .with(
                    part(FurnishingKind.STONE, 5, 0, 24),
                    part(FurnishingKind.STONE, 90, 0, 26),
                    part(FurnishingKind.BASKING_LAMP, 88, 60, 70)));
    assertThat(place(two).orElseThrow().heightCm()).isEqualTo(26);
    Spot spot = Spot.of(two, Geometry.of(two), 22).orElseThrow();
    assertThat(spot.belowCm()).as("as it is drawn").isCloseTo(34, within(1e-9));
    assertThat(spot.measured()).isFalse();
  }

  @Test
  void what_stays_under_water_is_no_place_to_bask() {
    Enclosure sunk = TANK.with(TANK.furnishings().with(part(FurnishingKind.STONE, 40, 0, 15)));
    assertThat(place(sunk)).isEmpty();
  }
}
