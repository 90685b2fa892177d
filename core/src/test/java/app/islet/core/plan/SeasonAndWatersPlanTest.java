package app.islet.core.plan;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.animal.Resting;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Site;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Work on dishes and salt water, for moist air, for who rests, and for a pond by season. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SeasonAndWatersPlanTest {
  private static final Enclosure BOX =
      tank(110, 45, 50, 0).with(Furnishings.NONE.with(dish(33), dish(0)));

  private static Dish dish(double ppt) {
    OptionalDouble nowhere = OptionalDouble.empty();
    return new Dish(5, ppt, true, OptionalDouble.of(200), nowhere, nowhere);
  }

  private static Resident staged(String species, int count, double cm, String stage) {
    Resident r = animals(species, count, cm);
    return r.seenAs(r.sheet().stage(stage).orElseThrow());
  }

  private static Plan plan(Enclosure e, LocalDate day, Resident... some) {
    return Planner.plan(HusbandryState.of(e, List.of(some), day));
  }

  private static List<String> onDay(Plan plan, int days) {
    return DayList.on(TODAY.plusDays(days), plan, TODAY, List.of()).stream()
        .filter(due -> due.daysLate() == 0)
        .map(due -> due.task().key())
        .toList();
  }

  private static String amount(Plan plan, String key) {
    return plan.task(key).orElseThrow().amount().text(UnitSystem.METRIC);
  }

  /** 1 L of 33 g/kg: 0.998 kg of water and 34.1 g of salt, as weighed in SaltTest. */
  @Test
  void each_dish_is_refilled_and_its_salt_water_mixed_the_day_before() {
    Plan plan = plan(BOX, TODAY, animals("land-hermit", 6, 2));
    assertThat(amount(plan, "dishes")).isEqualTo("1 dish, about 1 L");
    assertThat(amount(plan, "salt-dishes")).isEqualTo("1 dish, about 1 L");
    assertThat(amount(plan, "mix-salt:33.0"))
        .isEqualTo("34.1 g of marine salt in 1 L of dechlorinated water");
    assertThat(plan.task("dishes").orElseThrow().recurrence().everyDays()).isEqualTo(3);
    assertThat(onDay(plan, 2)).contains("mix-salt:33.0").doesNotContain("salt-dishes");
    assertThat(onDay(plan, 3)).contains("salt-dishes", "dishes");
    assertThat(onDay(plan, 40)).as("never logged is not late").contains("salt-dishes", "dishes");
  }

  @Test
  void moist_air_is_looked_after_each_day_and_dry_air_is_not() {
    assertThat(amount(plan(BOX, TODAY, animals("land-hermit", 6, 2)), "humidity"))
        .isEqualTo("75 to 85 % is wanted");
    assertThat(plan(tank(200, 80, 70, 40), TODAY, animals("slider", 1, 18)).task("humidity"))
        .isEmpty();
    assertThat(plan(BOX, TODAY, staged("slider", 4, 3.5, "egg")).task("humidity")).isEmpty();
  }

  @Test
  void who_rests_is_neither_fed_nor_measured_but_looked_at() {
    Resting winter = new Resting(LocalDate.of(2026, 12, 1), Optional.of(LocalDate.of(2027, 2, 20)));
    Resident newts = staged("alpine-newt", 4, 9, "adult").resting(winter);
    Enclosure cellar = tank(80, 40, 45, 28);
    Plan asleep = plan(cellar, LocalDate.of(2027, 1, 10), newts);
    assertThat(asleep.tasks()).noneMatch(asleep::isMeal);
    assertThat(asleep.task("measure")).isEmpty();
    assertThat(asleep.task("water-change")).isEmpty();
    assertThat(asleep.task("rest-check").orElseThrow().recurrence().everyDays()).isEqualTo(7);
    Plan awake = plan(cellar, LocalDate.of(2027, 2, 20), newts);
    assertThat(awake.tasks()).anyMatch(awake::isMeal);
    assertThat(awake.task("rest-check")).isEmpty();
    assertThat(awake.task("measure")).isPresent();
  }

  @Test
  void a_rest_of_last_winter_does_not_keep_it_awake_in_a_cold_pond() {
    Resting before = new Resting(LocalDate.of(2025, 12, 1), Optional.of(LocalDate.of(2026, 2, 20)));
    Enclosure pond = tank(400, 250, 150, 105).withSite(new Site(25, 15, 2, -4, 70).underTheSky());
    Resident turtle = animals("european-pond", 2, 16).resting(before);
    Plan january = plan(pond, LocalDate.of(2027, 1, 15), turtle);
    assertThat(january.tasks()).noneMatch(january::isMeal);
    Plan july = plan(pond, LocalDate.of(2027, 7, 15), turtle);
    assertThat(july.tasks()).anyMatch(july::isMeal);
  }

  /** Below what its sheet says it digests at, in water under the sky; not by the calendar. */
  @Test
  void under_the_sky_the_season_follows_the_water() {
    Enclosure pond = tank(400, 250, 150, 105).withSite(new Site(25, 15, 2, -4, 70).underTheSky());
    Resident turtle = animals("european-pond", 2, 16);
    Plan january = plan(pond, LocalDate.of(2027, 1, 15), turtle);
    assertThat(january.tasks()).noneMatch(january::isMeal);
    assertThat(january.task("pond-ice")).isPresent();
    Plan july = plan(pond, LocalDate.of(2027, 7, 15), turtle);
    assertThat(july.tasks()).anyMatch(july::isMeal);
    assertThat(july.task("pond-ice")).isEmpty();
    assertThat(plan(pond, LocalDate.of(2027, 10, 15), turtle).task("pond-leaves")).isPresent();
    Enclosure indoors = pond.withSite(Site.LIVING_ROOM);
    Plan heated = plan(indoors, LocalDate.of(2027, 1, 15), turtle);
    assertThat(heated.tasks()).anyMatch(heated::isMeal);
  }

  @Test
  void nobody_measures_eggs_or_tadpoles_and_crabs_are_measured_by_eye() {
    Enclosure e = tank(60, 40, 30, 15);
    assertThat(plan(e, TODAY, staged("alpine-newt", 40, 0.2, "egg")).task("measure")).isEmpty();
    assertThat(plan(e, TODAY, staged("clawed-frog", 20, 5, "tadpole")).task("measure")).isEmpty();
    Task crabs = plan(BOX, TODAY, animals("land-hermit", 6, 2)).task("measure").orElseThrow();
    assertThat(crabs.how().text(UnitSystem.METRIC)).contains("nobody weighs it");
    assertThat(plan(e, TODAY, animals("axolotl", 1, 20)).task("measure").orElseThrow().title())
        .isEqualTo(Phrase.of("Measure and weigh"));
    assertThat(amount(plan(e, TODAY, staged("alpine-newt", 40, 0.2, "egg")), "spot-clean"))
        .isEqualTo("white, furry or sunken ones");
  }

  /** A bowl has no cycle: all of it is new every three days at the latest, eggs excepted. */
  @Test
  void a_bowl_is_poured_out_whole() {
    Enclosure bowl = tank(25, 20, 15, 8);
    assertThat(amount(plan(bowl, TODAY, animals("dwarf-frog", 1, 3)), "water-change"))
        .startsWith("4 L of 4 L (100 %)");
    assertThat(
            plan(bowl, TODAY, animals("dwarf-frog", 1, 3))
                .task("water-change")
                .orElseThrow()
                .recurrence()
                .everyDays())
        .isEqualTo(3);
    assertThat(amount(plan(bowl, TODAY, staged("alpine-newt", 9, 0.2, "egg")), "water-change"))
        .contains("30 %");
    assertThat(
            amount(plan(tank(30, 20, 15, 8.5), TODAY, animals("dwarf-frog", 1, 3)), "water-change"))
        .as("five litres and more")
        .contains("25 %");
  }

  /**
   * What a sheet gives by length: few at the beginning of the stage, as many as it says at its end.
   */
  @Test
  void a_portion_grows_with_the_length_within_a_stage() {
    Enclosure tub = tank(40, 30, 15, 8);
    assertThat(nauplii(tub, 1)).isLessThan(nauplii(tub, 3));
    assertThat(nauplii(tub, 4.9)).isBetween(570.0, 600.0);
    assertThat(plan(tub, TODAY, animals("axolotl", 1, 1.9)).task("feed:they:chopped-worm"))
        .as("worm from 2 cm on")
        .isEmpty();
    assertThat(plan(tub, TODAY, animals("axolotl", 1, 2)).task("feed:they:chopped-worm"))
        .isPresent();
  }

  private static double nauplii(Enclosure tub, double cm) {
    Resident larva = animals("axolotl", 1, cm);
    return larva.foods().stream()
        .filter(food -> food.name().equals("Baby brine shrimp"))
        .findFirst()
        .orElseThrow()
        .portion()
        .pieces()
        .orElseThrow();
  }

  /** One wafer is for 10 to 20 tadpoles; nobody can count "0.07 wafers each". */
  @Test
  void what_several_share_is_said_for_all() {
    Enclosure tub = tank(60, 40, 30, 18);
    Resident thirty = staged("fire-bellied-toad", 30, 3, "tadpole");
    String key = "feed:they:algae-wafer";
    assertThat(amount(plan(tub, TODAY, thirty), key))
        .isEqualTo("2 algae wafer for all 30 together");
    Resident one = staged("fire-bellied-toad", 1, 3, "tadpole");
    String single = "feed:they:algae-wafer";
    assertThat(amount(plan(tub, TODAY, one), single)).isEqualTo("a crumb of one algae wafer");
  }
}
