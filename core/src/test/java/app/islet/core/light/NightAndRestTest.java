package app.islet.core.light;

import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.Plant;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Site;
import app.islet.core.geometry.BaskingPlace;
import app.islet.core.geometry.Geometry;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Moonlight, glare, the plants' share, and the rest of winter. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class NightAndRestTest {
  private static final Site MILL = new Site(20, 20, 20, 20, 60).at(50, 9);

  /** Full moon of 3 March 2026, an eclipse of the moon; from almanacs, from memory. */
  @Test
  void the_full_moon_shines_all_night() {
    MoonNight night = MoonNight.of(MILL, LocalDate.of(2026, 3, 3), 20, 32).orElseThrow();
    assertThat(night.onHour()).isEqualTo(20);
    assertThat(night.offHour()).isCloseTo(31, within(1.5));
    assertThat(night.strength()).isGreaterThan(0.98);
  }

  /** New moon of 12 August 2026, an eclipse of the sun. */
  @Test
  void the_new_moon_stays_dark() {
    assertThat(MoonNight.of(MILL, LocalDate.of(2026, 8, 12), 20, 32)).isEmpty();
  }

  /** A waxing half moon sets about midnight, a waning one rises about then. */
  @Test
  void half_moons_share_the_night() {
    MoonNight waxing = MoonNight.of(MILL, LocalDate.of(2026, 3, 25), 19, 31).orElseThrow();
    assertThat(waxing.onHour()).isEqualTo(19);
    assertThat(waxing.offHour()).isBetween(23.0, 28.0);
    MoonNight waning = MoonNight.of(MILL, LocalDate.of(2026, 3, 11), 19, 31).orElseThrow();
    assertThat(waning.onHour()).isBetween(24.0, 28.5);
    assertThat(waning.offHour()).isEqualTo(31);
  }

  @Test
  void where_nobody_said_where_it_shines_all_night() {
    Site somewhere = new Site(20, 20, 20, 20, 60);
    assertThat(MoonNight.of(somewhere, LocalDate.of(2026, 3, 25), 19, 31).orElseThrow())
        .satisfies(
            night -> {
              assertThat(night.onHour()).isEqualTo(19);
              assertThat(night.offHour()).isEqualTo(31);
            });
  }

  private static Enclosure lampAt(double x, double bottomCm) {
    Enclosure pool = sliderPool();
    return pool.with(
        pool.furnishings()
            .with(
                new Furnishing(
                    "uv",
                    FurnishingKind.UVB_LAMP,
                    x - 5,
                    35,
                    10,
                    10,
                    bottomCm,
                    bottomCm + 5,
                    false,
                    false,
                    false)));
  }

  @Test
  void a_lamp_overhead_does_not_blind_and_one_beside_does() {
    var slider = animals("slider", 1, 18);
    Enclosure pool = sliderPool();
    BaskingPlace place = BaskingPlace.of(pool, Geometry.of(pool)).orElseThrow();
    Enclosure above = lampAt(place.xCm(), place.heightCm() + 40);
    assertThat(Glare.of(above, Geometry.of(above), slider).orElseThrow().elevationDeg())
        .isGreaterThan(80);
    double eyes = 0.7 * slider.heightCm();
    Enclosure beside = lampAt(place.xCm() - 45, place.heightCm() + eyes + 20);
    Glare glare = Glare.of(beside, Geometry.of(beside), slider).orElseThrow();
    assertThat(glare.elevationDeg())
        .as("20 up and 40 aside, but for what it hangs beside in depth")
        .isBetween(20.0, Math.toDegrees(Math.atan2(20, 40)) + 1e-9);
    assertThat(glare.blinds()).isTrue();
    assertThat(Glare.of(pool, Geometry.of(pool), slider)).as("none is drawn").isEmpty();
  }

  private static Enclosure planted(String plant, Equipment... lamps) {
    return tank(100, 50, 40, 30, lamps)
        .with(Furnishings.NONE.with(Plant.find(plant).orElseThrow()));
  }

  @Test
  void more_lamp_is_more_light_and_a_larger_floor_less() {
    var small = planted("vallisneria", new Equipment.BaskingLamp(50, OptionalDouble.empty()));
    var large = planted("vallisneria", new Equipment.BaskingLamp(100, OptionalDouble.empty()));
    double one = PlantLight.of(small, List.of()).getsMicromol();
    assertThat(PlantLight.of(large, List.of()).getsMicromol()).isCloseTo(2 * one, within(1e-9));
    // 50 W x 12 lm/W x 0.4 x 0.75 of mesh over half a square metre, 65 lux to the µmol.
    assertThat(one).isCloseTo(50 * 12 * 0.4 * 0.75 / 0.5 / 65, within(1e-9));
  }

  @Test
  void the_lamp_named_would_be_enough() {
    Enclosure dark = planted("water-lettuce");
    PlantLight light = PlantLight.of(dark, List.of());
    assertThat(light.plants().get(0).enough()).isFalse();
    double lux = light.plantLampW() * 100 * 0.4 * 0.75 / 0.5;
    assertThat(light.getsMicromol() + lux / 65)
        .isCloseTo(Plant.Light.HIGH.leastMicromol(), within(1e-9));
  }

  @Test
  void who_flees_the_light_has_the_say() {
    Enclosure tank = axolotlTank();
    assertThat(PlantLight.of(tank, List.of(axolotls(2, 22))).shyWho()).isPresent();
    assertThat(PlantLight.of(tank, List.of(animals("slider", 1, 18))).shyWho()).isEmpty();
    assertThat(PlantLight.of(tank, List.of()).content())
        .extracting(Plant::light)
        .containsOnly(Plant.Light.LOW);
  }

  @Test
  void a_winter_rest_is_led_into_and_out_of_in_small_steps() {
    var newts = animals("alpine-newt", 2, 9);
    Brumation rest = Brumation.of(newts, LocalDate.of(2026, 9, 1), 17, 12, false).orElseThrow();
    assertThat(rest.restFrom()).isEqualTo(LocalDate.of(2026, 12, 1));
    assertThat(rest.stepK()).isLessThanOrEqualTo(0.5);
    long days = ChronoUnit.DAYS.between(rest.coolFrom(), rest.restFrom());
    assertThat(17 - days * rest.stepK()).isCloseTo(rest.coolC(), within(1e-9));
    assertThat(rest.fastFrom()).isEqualTo(rest.coolFrom().minusDays(14));
    assertThat(rest.on(LocalDate.of(2026, 9, 1))).isEqualTo("to come");
    assertThat(rest.on(rest.fastFrom())).isEqualTo("fasting");
    assertThat(rest.on(rest.coolFrom())).isEqualTo("being cooled");
    assertThat(rest.on(LocalDate.of(2027, 1, 1))).isEqualTo("at rest");
    assertThat(rest.on(rest.restTo())).isEqualTo("being warmed");
    assertThat(
            Brumation.of(newts, LocalDate.of(2027, 1, 15), 17, 12, false).orElseThrow().restFrom())
        .as("the one that goes on now")
        .isEqualTo(LocalDate.of(2026, 12, 1));
    assertThat(
            Brumation.of(newts, LocalDate.of(2026, 3, 25), 17, 12, true).orElseThrow().restFrom())
        .as("the south rests in June")
        .isEqualTo(LocalDate.of(2026, 6, 1));
    assertThat(Brumation.of(axolotls(1, 22), LocalDate.of(2026, 9, 1), 17, 12, false))
        .as("it needs none")
        .isEmpty();
  }
}
