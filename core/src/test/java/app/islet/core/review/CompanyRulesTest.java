package app.islet.core.review;

import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.finding;
import static app.islet.core.Setups.hides;
import static app.islet.core.Setups.review;
import static app.islet.core.Setups.sexed;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static app.islet.core.review.Severity.DANGER;
import static app.islet.core.review.Severity.NOTE;
import static app.islet.core.review.Severity.WATCH;
import static app.islet.core.review.Severity.WRONG;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.care.CompanyKind;
import app.islet.core.care.Medicine;
import app.islet.core.care.Plant;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Additives;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Companion;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.UvShape;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Company without a care sheet, what is put into the water, what is under the sky: each rule on
 * both sides of where it turns. Common practice, no source, where none is named.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CompanyRulesTest {
  private static final Resident AXOLOTLS = axolotls(2, 22);
  private static final Site GARDEN = new Site(26, 16, -2, -8, 70).underTheSky();

  private static Companion companion(String kind, int count) {
    return new Companion(
        CompanyKind.find(kind).orElseThrow(), count, OptionalDouble.empty(), false);
  }

  private static Enclosure with(Enclosure e, Additives in) {
    return e.with(e.water().with(in));
  }

  private static Additives salt(Additives.Salt salt) {
    return new Additives(Optional.of(salt), OptionalDouble.empty(), List.of());
  }

  private static Additives copper(double mg) {
    return new Additives(Optional.empty(), OptionalDouble.of(mg), List.of());
  }

  private static Additives medicine(String id) {
    return new Additives(
        Optional.empty(), OptionalDouble.empty(), List.of(Medicine.find(id).orElseThrow()));
  }

  private static Enclosure salted(double ppt, Additives.Salt salt) {
    return with(tank(60, 40, 40, 20).with(new Change("/water/salinityPpt", ppt)), salt(salt));
  }

  private static Enclosure cave(double openingCm) {
    Enclosure e = axolotlTank();
    return e.with(e.furnishings().with(new Hides(2, openingCm)));
  }

  private static Enclosure frogBox(double heightCm) {
    return tank(45, 45, heightCm, 0).with(new Land(100, 5, 1)).with(Lid.MESH);
  }

  static Stream<Arguments> spoiled() {
    return Stream.of(
        row(
            "company-hurts",
            WRONG,
            "minnows with axolotls",
            axolotlTank().with(companion("minnow", 6)),
            AXOLOTLS),
        row(
            "company-hurts",
            DANGER,
            "an armoured catfish a clawed frog can swallow",
            tank(60, 40, 40, 25).with(companion("armoured-catfish", 2)),
            animals("clawed-frog", 1, 10)),
        row(
            "company-eaten",
            NOTE,
            "guppies in the slider's pool",
            sliderPool().with(companion("guppy", 10)),
            animals("slider", 1, 18)),
        row(
            "company-eaten",
            WATCH,
            "minnows in the slider's pool",
            sliderPool().with(companion("minnow", 10)),
            animals("slider", 1, 18)),
        row(
            "wrong-kind-of-salt",
            WRONG,
            "table salt for fiddlers",
            salted(15, Additives.Salt.TABLE),
            animals("fiddler", 2, 2)),
        row(
            "wrong-kind-of-salt",
            WATCH,
            "plain salt for fiddlers",
            salted(15, Additives.Salt.AQUARIUM),
            animals("fiddler", 2, 2)),
        row("copper-in-water", DANGER, "a cure", with(axolotlTank(), copper(0.2)), AXOLOTLS),
        row("copper-in-water", WRONG, "a pipe", with(axolotlTank(), copper(0.05)), AXOLOTLS),
        row(
            "medicine-harms",
            DANGER,
            "malachite green",
            with(axolotlTank(), medicine("malachite-green")),
            AXOLOTLS),
        row(
            "medicine-harms",
            WATCH,
            "an antibiotic with a filter",
            with(axolotlTank(), medicine("antibiotic")),
            AXOLOTLS),
        row(
            "iron-in-sand",
            WATCH,
            "black sand",
            sliderPool().with(new Substrate(SubstrateMaterial.BLACK_SAND, 3)),
            animals("slider", 1, 18)),
        row(
            "coarse-sand",
            WATCH,
            "coarse sand under clawed frogs",
            tank(60, 40, 40, 25).with(new Substrate(SubstrateMaterial.SAND, 3).withGrainMm(1.5)),
            animals("clawed-frog", 1, 10)),
        row(
            "spare-shells",
            WATCH,
            "no spare shells",
            tank(60, 45, 45, 0).with(new Land(100, 20, 1)).with(Lid.GLASS),
            animals("land-hermit", 3, 3)),
        row("tight-hide", WATCH, "a narrow cave", cave(3.5), AXOLOTLS),
        row("too-low-to-climb", WRONG, "a flat box", frogBox(30), animals("tree-frog", 2, 5)),
        row("too-low-to-climb", WATCH, "a low box", frogBox(48), animals("tree-frog", 2, 5)),
        row(
            "change-without-land",
            WATCH,
            "a large larva in plain water",
            tank(40, 30, 20, 8),
            animals("fire-salamander", 1, 4.6)),
        row(
            "pair-never-apart",
            WATCH,
            "a pair of axolotls",
            axolotlTank(),
            sexed("axolotl", 1, 1, 22)),
        row(
            "pond-freezes",
            DANGER,
            "a pond that freezes to the ground",
            tank(200, 150, 60, 45).withSite(GARDEN),
            animals("european-pond", 2, 15)),
        row(
            "pond-freezes",
            WRONG,
            "ice that leaves 8 cm",
            tank(200, 150, 80, 55).withSite(GARDEN),
            animals("european-pond", 2, 15)),
        row(
            "pond-freezes",
            WATCH,
            "ice that leaves 15 cm",
            tank(200, 150, 80, 62).withSite(GARDEN),
            animals("european-pond", 2, 15)),
        row(
            "open-to-predators",
            NOTE,
            "a pond without a net",
            tank(200, 150, 80, 62).withSite(GARDEN).with(Lid.NONE),
            animals("european-pond", 2, 15)),
        row(
            "open-to-predators",
            WATCH,
            "young in a pond without a net",
            tank(200, 150, 80, 62).withSite(GARDEN).with(Lid.NONE),
            animals("european-pond", 2, 7)),
        row(
            "pond-freezes",
            NOTE,
            "a deep pond",
            tank(300, 200, 120, 110).withSite(GARDEN),
            animals("european-pond", 2, 15)));
  }

  private static Arguments row(
      String rule, Severity severity, String situation, Enclosure e, Resident... residents) {
    return Arguments.of(rule, severity, situation, e, residents);
  }

  private static Optional<Severity> of(String rule, Enclosure e, Resident... residents) {
    return finding(rule, e, residents).map(Finding::severity);
  }

  @Test
  void company_that_hurts_nobody_is_not_spoken_of() {
    assertThat(of("company-hurts", axolotlTank().with(companion("dwarf-shrimp", 20)), AXOLOTLS))
        .isEmpty();
    assertThat(
            of(
                "company-hurts",
                sliderPool().with(companion("minnow", 6)),
                animals("slider", 1, 18)))
        .as("a turtle bites, and is not nipped")
        .isEmpty();
    assertThat(of("company-hurts", axolotlTank().with(companion("springtail", 500)), AXOLOTLS))
        .as("they live on land")
        .isEmpty();
    Companion bred =
        new Companion(
            CompanyKind.find("dwarf-shrimp").orElseThrow(), 40, OptionalDouble.empty(), true);
    assertThat(of("company-eaten", axolotlTank().with(bred), AXOLOTLS))
        .as("shrimps that breed there are eaten and last")
        .isEmpty();
    assertThat(of("company-eaten", axolotlTank().with(companion("dwarf-shrimp", 40)), AXOLOTLS))
        .contains(NOTE);
  }

  /** Acute criterion of the US EPA, 0.013 mg/L at 100 mg/L of hardness; as remembered. */
  @ParameterizedTest(name = "{0} mg/L of copper for {1}: {2}")
  @CsvSource({
    "0.013, axolotl, ",
    "0.0131, axolotl, WRONG",
    "0.1, axolotl, WRONG",
    "0.101, axolotl, DANGER",
    "0.5, slider, ",
    "1.31, slider, WATCH"
  })
  void copper_is_judged_by_who_has_gills(double mg, String species, Severity severity) {
    assertThat(of("copper-in-water", with(sliderPool(), copper(mg)), animals(species, 1, 18)))
        .isEqualTo(Optional.ofNullable(severity));
  }

  @Test
  void salt_and_cures_that_do_no_harm_are_not_spoken_of() {
    Resident crab = animals("fiddler", 2, 2);
    assertThat(of("wrong-kind-of-salt", salted(15, Additives.Salt.MARINE), crab)).isEmpty();
    assertThat(of("wrong-kind-of-salt", salted(0.4, Additives.Salt.TABLE), crab)).isEmpty();
    assertThat(of("wrong-kind-of-salt", salted(2.9, Additives.Salt.AQUARIUM), crab)).isEmpty();
    Enclosure noFilter = with(tank(60, 40, 40, 20), medicine("antibiotic"));
    assertThat(of("medicine-harms", noFilter, animals("slider", 1, 10))).isEmpty();
  }

  @ParameterizedTest(name = "an opening of {0} cm for an axolotl with a head of 3.3: {1}")
  @CsvSource({"0, ", "1.6, ", "1.7, WATCH", "4.2, WATCH", "4.3, "})
  void a_cave_is_tight_between_half_and_a_third_more_than_the_widest_part(
      double openingCm, Severity severity) {
    assertThat(of("tight-hide", cave(openingCm), AXOLOTLS))
        .isEqualTo(Optional.ofNullable(severity));
  }

  /** ISO 14688-1: sand ends and gravel begins at 2 mm. */
  @ParameterizedTest(name = "{0} of {1} mm under a slider with a head of 4 cm is {2}")
  @CsvSource({
    "SAND, 2, SAND",
    "SAND, 2.1, GRAVEL",
    "BLACK_SAND, 2.1, GRAVEL",
    "BLACK_SAND, 1, SAND",
    "LARGE_STONES, 79, GRAVEL",
    "LARGE_STONES, 80, LARGE_STONES",
    "GRAVEL, 80, LARGE_STONES",
    "SOIL, 5, SOIL"
  })
  void ground_is_what_its_grains_make_of_it(
      SubstrateMaterial sold, double mm, SubstrateMaterial met) {
    assertThat(new Substrate(sold, 5).withGrainMm(mm).asMet(4)).isEqualTo(met);
    assertThat(new Substrate(sold, 5).asMet(4)).isEqualTo(new Substrate(sold, 5).asSold());
  }

  @Test
  void stones_twice_the_head_are_no_gravel() {
    Resident slider = animals("slider", 1, 18);
    Enclosure pebbles =
        sliderPool().with(new Substrate(SubstrateMaterial.GRAVEL, 5).withGrainMm(85));
    Enclosure small =
        sliderPool().with(new Substrate(SubstrateMaterial.LARGE_STONES, 5).withGrainMm(40));
    assertThat(of("harmful-ground", pebbles, slider)).isEmpty();
    assertThat(
            finding("harmful-ground", small, slider).orElseThrow().what().text(UnitSystem.METRIC))
        .isEqualTo("Stones of 40 mm, which fit into the mouth, under 1 slider turtle (adult).");
  }

  @ParameterizedTest(name = "sand of {0} mm under clawed frogs: {1}")
  @CsvSource({"1, ", "1.01, WATCH", "2, WATCH", "2.01, "})
  void sand_over_a_millimetre_is_coarse_and_over_two_is_gravel(double mm, Severity severity) {
    Enclosure e =
        tank(60, 40, 40, 25).with(new Substrate(SubstrateMaterial.SAND, 3).withGrainMm(mm));
    assertThat(of("coarse-sand", e, animals("clawed-frog", 1, 10)))
        .isEqualTo(Optional.ofNullable(severity));
    assertThat(of("harmful-ground", e, animals("clawed-frog", 1, 10)).isPresent())
        .isEqualTo(mm > 2);
  }

  @ParameterizedTest(name = "{0} spare shells for 3 hermit crabs: {1}")
  @CsvSource({"8, WATCH", "9, "})
  void each_hermit_crab_has_three_spare_shells(int shells, Severity severity) {
    Enclosure e = tank(60, 45, 45, 0).with(new Land(100, 20, 1)).with(Lid.GLASS);
    assertThat(
            of(
                "spare-shells",
                e.with(e.furnishings().withSpareShells(shells)),
                animals("land-hermit", 3, 3)))
        .isEqualTo(Optional.ofNullable(severity));
  }

  @Test
  void a_magnet_answers_for_black_sand() {
    Substrate tested =
        new Substrate(
            SubstrateMaterial.BLACK_SAND, 3, OptionalDouble.empty(), List.of(), List.of(), true);
    assertThat(of("iron-in-sand", sliderPool().with(tested), animals("slider", 1, 18))).isEmpty();
  }

  @ParameterizedTest(name = "a larva of {0} cm: {1}")
  @CsvSource({"3, ", "4.6, WATCH"})
  void larvae_near_their_change_want_a_way_out(double cm, Severity severity) {
    Enclosure tub = tank(40, 30, 20, 8);
    assertThat(of("change-without-land", tub, animals("fire-salamander", 1, cm)))
        .isEqualTo(Optional.ofNullable(severity));
    assertThat(
            of(
                "change-without-land",
                tub.with(tub.furnishings().withFurtherWaysOut(1)),
                animals("fire-salamander", 1, cm)))
        .isEmpty();
  }

  @Test
  void one_sex_alone_and_another_school_are_at_peace() {
    assertThat(of("pair-never-apart", axolotlTank(), sexed("axolotl", 2, 0, 22))).isEmpty();
    assertThat(
            of(
                "pair-never-apart",
                axolotlTank(),
                sexed("axolotl", 1, 1, 22).by("Pairs together, eggs taken out")))
        .isEmpty();
  }

  private static Enclosure underLamp(Lid lid, Optional<Lid> through) {
    return tank(100, 60, 60, 30)
        .with(lid)
        .with(
            new Equipment.UvbLamp(
                Optional.empty(),
                OptionalDouble.of(25),
                UvShape.LINEAR,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                through));
  }

  @ParameterizedTest(name = "lid {0}, lamp through {1}: {2}")
  @CsvSource({
    "NONE, , ",
    "MESH, , ",
    "PART_MESH, , ",
    "GLASS, , WRONG",
    "PLASTIC, , WRONG",
    "GLASS, NONE, ",
    "PART_MESH, GLASS, WRONG",
    "NONE, PLASTIC, WRONG"
  })
  void clear_plastic_is_as_bad_as_glass_and_a_lamp_under_the_lid_has_none(
      Lid lid, Lid through, Severity severity) {
    assertThat(
            of(
                "uvb-missing",
                underLamp(lid, Optional.ofNullable(through)),
                animals("slider", 1, 18)))
        .isEqualTo(Optional.ofNullable(severity));
  }

  /** Frost that is months away can be met in time: it is watched. */
  @Test
  void a_pond_that_will_freeze_is_watched_in_summer_and_a_netted_one_is_safe_from_herons() {
    Enclosure shallow = tank(200, 150, 60, 45).withSite(GARDEN);
    Resident turtle = animals("european-pond", 2, 15);
    HusbandryState july = HusbandryState.of(shallow, List.of(turtle), LocalDate.of(2026, 7, 15));
    assertThat(
            Review.of(july).findings().stream()
                .filter(f -> f.rule().equals("pond-freezes"))
                .map(Finding::severity))
        .containsExactly(WATCH);
    assertThat(of("pond-freezes", shallow)).as("nobody is in it").contains(WATCH);
    assertThat(of("open-to-predators", shallow.with(Lid.MESH), turtle)).isEmpty();
    assertThat(of("open-to-predators", tank(60, 40, 40, 20), turtle)).as("indoors").isEmpty();
  }

  @Test
  void the_sun_is_lamp_enough_under_the_sky_but_not_under_glass() {
    Enclosure pond = tank(300, 200, 120, 80).withSite(GARDEN);
    Resident turtle = animals("european-pond", 1, 15);
    assertThat(of("uvb-missing", pond, turtle)).isEmpty();
    assertThat(of("no-basking-lamp", pond, turtle)).isEmpty();
    assertThat(of("uvb-missing", pond.with(Lid.GLASS), turtle)).contains(WRONG);
  }

  /** Ice by Stefan's formula with 2.7 cm per root of a degree day (Ashton 1986), as remembered. */
  @Test
  void a_pond_deep_enough_is_a_winter_rest_and_no_heater_is_asked_for() {
    Resident turtle = animals("european-pond", 1, 15);
    Enclosure deep = tank(300, 200, 120, 110).withSite(GARDEN);
    Enclosure shallow = tank(300, 200, 120, 40).withSite(GARDEN);
    assertThat(of("too-cold-in-winter", deep, turtle)).isEmpty();
    assertThat(of("too-cold-in-winter", shallow, turtle)).isPresent();
    assertThat(of("too-cold-in-winter", deep, animals("slider", 1, 18))).as("it may").isEmpty();
    Resident frog = animals("clawed-frog", 1, 8);
    assertThat(of("too-cold-in-winter", deep, frog)).as("it does not rest").isPresent();
    assertThat(finding("too-cold-in-winter", deep, frog).orElseThrow().remedies())
        .allMatch(remedy -> remedy.changes().isEmpty());
  }

  @ParameterizedTest(name = "{0} beyond the most of 4: {1}")
  @CsvSource({"4, ", "5, WATCH", "6, WRONG"})
  void one_too_many_is_watched(int count, Severity severity) {
    assertThat(of("group-too-large", axolotlTank(), axolotls(count, 22)))
        .isEqualTo(Optional.ofNullable(severity));
  }

  @Test
  void grown_newts_among_plants_without_land_are_no_danger() {
    Resident newts = animals("alpine-newt", 3, 9);
    Enclosure bare = tank(60, 40, 40, 25).with(Lid.MESH).withSite(steady(16));
    assertThat(of("no-way-out", bare, newts)).contains(DANGER);
    Enclosure planted = bare.with(bare.furnishings().with(Plant.find("hornwort").orElseThrow()));
    assertThat(of("no-way-out", planted, newts)).contains(WATCH);
    assertThat(of("no-way-out", bare.with(bare.furnishings().withFurtherWaysOut(1)), newts))
        .as("cork that is counted is a way out")
        .isEmpty();
  }

  @Test
  void a_jet_that_is_spread_may_be_twice_as_strong() {
    Enclosure e = hides(axolotlTank(), 2);
    double most = 4 * 160.0;
    Equipment.Filter plain = new Equipment.Filter(1.5 * most, Optional.empty(), true);
    Equipment.Filter spread = new Equipment.Filter(1.5 * most, Optional.empty(), true, true);
    assertThat(of("filter-too-strong", e.with(plain), AXOLOTLS)).contains(WATCH);
    assertThat(of("filter-too-strong", e.with(spread), AXOLOTLS)).isEmpty();
    Equipment.Filter far = new Equipment.Filter(2.5 * most, Optional.empty(), true, true);
    assertThat(finding("filter-too-strong", e.with(far), AXOLOTLS).orElseThrow().remedies())
        .as("the spray bar that is there is not asked for again")
        .hasSize(1);
  }

  /** A gap, a lamp, a filter: one thing is told once, with the names of all it concerns. */
  @Test
  void one_cause_is_told_once() {
    Enclosure e =
        tank(80, 40, 40, 10, new Equipment.Filter(300, Optional.empty(), false)).with(Lid.MESH);
    Resident newts = sexed("eastern-newt", 1, 1, 9);
    Resident toads = sexed("fire-bellied-toad", 1, 1, 4.5);
    List<Finding> told =
        review(e, newts, toads).stream().filter(f -> f.rule().equals("intake-unguarded")).toList();
    assertThat(told).hasSize(1);
    assertThat(told.get(0).who()).isEqualTo("They and They");
  }

  @Test
  void of_three_kinds_the_names_are_a_list() {
    Enclosure e =
        tank(80, 40, 40, 10, new Equipment.Filter(300, Optional.empty(), false)).with(Lid.MESH);
    assertThat(
            finding(
                    "intake-unguarded",
                    e,
                    sexed("eastern-newt", 1, 1, 9),
                    sexed("fire-bellied-toad", 1, 1, 4.5),
                    sexed("alpine-newt", 1, 1, 9))
                .orElseThrow()
                .who())
        .isEqualTo("They, They and They");
  }

  @Test
  void where_there_is_no_land_at_all_it_is_said_once() {
    Enclosure bare = tank(60, 40, 40, 30);
    List<String> rules =
        review(bare, animals("eastern-newt", 1, 5)).stream().map(Finding::rule).toList();
    assertThat(rules)
        .contains("wrong-habitat")
        .doesNotContain("no-way-out", "land-share", "ground-too-shallow");
    List<String> turtle =
        review(bare, animals("slider", 1, 18)).stream().map(Finding::rule).toList();
    assertThat(turtle).contains("no-way-out").doesNotContain("no-basking-place", "land-share");
    Enclosure corked = bare.with(bare.furnishings().withFurtherWaysOut(1));
    assertThat(review(corked, animals("slider", 1, 18)).stream().map(Finding::rule))
        .as("cork it can climb out on, and no place to lie dry")
        .contains("no-basking-place");
  }

  /** Young amphibians that bite, even in size; turtles, adults and a single one are not watched. */
  @ParameterizedTest(name = "{1} {0} of {2} cm, the smallest of {3}: {4}")
  @CsvSource({
    "axolotl, 6, 4, 4, WATCH",
    "axolotl, 6, 4, 3.7, WATCH",
    "axolotl, 6, 4, 3.5, ",
    "axolotl, 1, 4, 4, ",
    "axolotl, 2, 22, 22, ",
    "common-musk, 3, 3, 3, ",
    "dwarf-frog, 8, 3.2, 3.2, "
  })
  void siblings_of_a_kind_that_bites_are_watched(
      String species, int count, double lengthCm, double smallestCm, Severity severity) {
    Resident brood = animals(species, count, lengthCm).downTo(OptionalDouble.of(smallestCm));
    assertThat(of("siblings-bite", tank(60, 30, 30, 20), brood))
        .isEqualTo(Optional.ofNullable(severity));
  }

  @ParameterizedTest(name = "{0} axolotls of {1} cm: {2}")
  @CsvSource({"60, 3, ", "4, 22, ", "5, 22, WATCH", "6, 22, WRONG"})
  void larvae_are_not_limited_by_number(int count, double lengthCm, Severity severity) {
    assertThat(of("group-too-large", tank(200, 100, 50, 30), axolotls(count, lengthCm)))
        .isEqualTo(Optional.ofNullable(severity));
  }

  /** A brood that was entered as one group is judged by its smallest too. */
  @ParameterizedTest(name = "larvae of 4 cm, the smallest of {0}: {1}")
  @CsvSource({"4, ", "3.7, ", "3.5, WATCH", "2.8, WRONG", "1.9, DANGER"})
  void the_smallest_of_a_group_counts(double smallestCm, Severity severity) {
    Resident brood = animals("axolotl", 6, 4).downTo(OptionalDouble.of(smallestCm));
    assertThat(of("one-eats-another", tank(60, 30, 30, 20), brood))
        .isEqualTo(Optional.ofNullable(severity));
    Enclosure tub = tank(60, 30, 30, 20);
    assertThat(review(tub, brood).stream().map(Finding::who).distinct().toList())
        .as("named once")
        .allMatch(who -> who.isEmpty() || who.equals("They"));
  }

  @Test
  void more_salt_is_never_the_way_to_less() {
    Enclosure salty = axolotlTank().with(new Change("/water/salinityPpt", 6));
    assertThat(finding("wrong-salt", salty, AXOLOTLS).orElseThrow().remedies())
        .noneMatch(remedy -> remedy.text().text(UnitSystem.METRIC).contains("marine salt"));
  }

  /** A cichlid of 12 cm swallows what is 1.44 cm wide; a dwarf frog is 0.4 of its length wide. */
  @ParameterizedTest(name = "a dwarf frog of {0} cm beside a cichlid of 12 cm: {1}")
  @CsvSource({"3.59, DANGER", "3.61, WATCH"})
  void company_swallows_what_fits_its_mouth(double cm, Severity severity) {
    Enclosure e = tank(80, 40, 40, 25).with(companion("cichlid", 1));
    assertThat(of("company-hurts", e, animals("dwarf-frog", 1, cm))).contains(severity);
  }

  @Test
  void half_as_long_as_company_that_swallows_it_is_wrong_and_no_danger() {
    Companion small =
        new Companion(CompanyKind.find("crayfish").orElseThrow(), 1, OptionalDouble.of(9), false);
    Enclosure e = tank(80, 40, 40, 25).with(small);
    assertThat(of("company-hurts", e, animals("axolotl", 1, 4.4))).contains(DANGER);
    assertThat(of("company-hurts", e, animals("axolotl", 1, 4.5))).contains(WRONG);
  }

  @ParameterizedTest(name = "{0} with an axolotl: {1}")
  @CsvSource({
    "armoured-catfish, ",
    "apple-snail, WATCH",
    "crayfish, WRONG",
    "isopod, ",
    "blackworm, "
  })
  void each_kind_of_company_does_what_it_does(String kind, Severity severity) {
    Enclosure e = axolotlTank().with(companion(kind, 1));
    Optional<Finding> found = finding("company-hurts", e, AXOLOTLS);
    assertThat(found.map(Finding::severity)).isEqualTo(Optional.ofNullable(severity));
    found.ifPresent(
        f ->
            assertThat(f.why().text(UnitSystem.METRIC).contains("chytrid"))
                .isEqualTo(kind.equals("crayfish")));
  }

  @Test
  void what_is_eaten_is_told_by_what_it_does_to_the_eater() {
    Resident slider = animals("slider", 1, 18);
    assertThat(why("minnow", slider)).contains("vitamin (B1)");
    assertThat(why("guppy", slider)).contains("expect losses");
    assertThat(why("dwarf-shrimp", slider)).contains("before they breed");
    assertThat(of("company-eaten", sliderPool().with(companion("cichlid", 2)), slider)).isEmpty();
    assertThat(of("company-eaten", sliderPool().with(companion("stickleback", 2)), slider))
        .as("its spines are told")
        .isEmpty();
    assertThat(of("company-eaten", sliderPool().with(companion("springtail", 2)), slider))
        .as("they live on land")
        .isEmpty();
  }

  @Test
  void long_fins_are_bitten_by_who_bites_and_cannot_swallow_them() {
    Enclosure pool = sliderPool().with(companion("goldfish", 1));
    assertThat(
            finding("company-eaten", pool, animals("slider", 1, 12))
                .orElseThrow()
                .why()
                .text(UnitSystem.METRIC))
        .contains("Long fins");
    assertThat(of("company-eaten", axolotlTank().with(companion("goldfish", 1)), AXOLOTLS))
        .as("an axolotl of its size nips, and is nipped")
        .isEmpty();
  }

  private static String why(String kind, Resident r) {
    return finding("company-eaten", sliderPool().with(companion(kind, 10)), r)
        .orElseThrow()
        .why()
        .text(UnitSystem.METRIC);
  }

  @Test
  void salt_is_brought_to_where_it_is_wanted() {
    Enclosure fresh = tank(60, 40, 40, 20);
    assertThat(remedy("wrong-salt", fresh, animals("fiddler", 2, 2)))
        .contains("17.5 g/kg")
        .contains("marine salt");
    Enclosure salty = tank(60, 40, 40, 20).with(new Change("/water/salinityPpt", 40));
    assertThat(remedy("wrong-salt", salty, animals("fiddler", 2, 2)))
        .contains("25 g/kg")
        .contains("for fresh");
  }

  private static String remedy(String rule, Enclosure e, Resident... residents) {
    return finding(rule, e, residents)
        .orElseThrow()
        .remedies()
        .get(0)
        .text()
        .text(UnitSystem.METRIC);
  }
}
