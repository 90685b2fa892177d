package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.finding;
import static app.islet.core.Setups.review;
import static app.islet.core.Setups.sexed;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static app.islet.core.Setups.with;
import static app.islet.core.review.Severity.DANGER;
import static app.islet.core.review.Severity.NOTE;
import static app.islet.core.review.Severity.WATCH;
import static app.islet.core.review.Severity.WRONG;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.care.FoodItem;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Substrate;
import app.islet.core.quantity.UnitSystem;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RulesTest {
  private static final Enclosure CRAB_BOX =
      with(
          with(
              tank(60, 45, 45, 5, new Equipment.HeatMat(50)).withSite(steady(23)),
              new Land(92, 14, 14)),
          Lid.GLASS);
  private static final Resident CRABS = sexed("vampire-crab", 2, 4, 1.9);
  private static final Resident HATCHLING = animals("common-musk", 1, 3);

  /** One row a judgement: the rule, what it must say, of whom, in what. */
  static Stream<Arguments> spoiled() {
    return Stream.of(basics(), FurnishedRows.rows(), CompanyRulesTest.spoiled())
        .flatMap(rows -> rows);
  }

  private static Stream<Arguments> basics() {
    Enclosure muskTank =
        with(
            tank(
                    60,
                    40,
                    30,
                    8,
                    new Equipment.Heater(100, true),
                    new Equipment.Filter(60, Optional.empty(), true),
                    new Equipment.BaskingLamp(35, OptionalDouble.empty()),
                    new Equipment.UvbLamp(Optional.empty(), OptionalDouble.empty()))
                .withSite(steady(22)),
            new Land(35, 12, 12));
    return Stream.of(
        row(
            "water-too-deep",
            DANGER,
            "a hatchling over deep bare water",
            muskTank.with(new Change("/water/depthCm", 13)),
            HATCHLING),
        row(
            "water-too-shallow",
            DANGER,
            "an axolotl in a puddle",
            axolotlTank().with(new Change("/water/depthCm", 7)),
            axolotls(1, 22)),
        row(
            "water-too-shallow",
            WRONG,
            "a crab that cannot submerge",
            CRAB_BOX.with(new Change("/water/depthCm", 1)),
            CRABS),
        row("no-way-out", DANGER, "a hatchling between four panes", tank(60, 40, 30, 8), HATCHLING),
        row(
            "no-way-out",
            DANGER,
            "land under the line",
            with(tank(60, 40, 30, 8), new Land(30, 6, 10)),
            HATCHLING),
        row(
            "no-way-out",
            DANGER,
            "an upright bank",
            with(tank(60, 40, 30, 8), new Land(30, 12, 0)),
            HATCHLING),
        row(
            "floor-too-small",
            WRONG,
            "two axolotls in a cube",
            tank(30, 30, 40, 30),
            axolotls(2, 22)),
        row(
            "floor-too-small",
            WATCH,
            "a little less floor than wanted",
            tank(60, 50, 45, 32),
            axolotls(2, 22)),
        row(
            "too-little-water",
            WRONG,
            "a slider in a bucket",
            tank(90, 80, 30, 8),
            animals("slider", 1, 18)),
        row("can-climb-out", DANGER, "crabs under no lid", with(CRAB_BOX, Lid.NONE), CRABS),
        row(
            "can-climb-out",
            WRONG,
            "an axolotl filled to the brim",
            with(axolotlTank(), Lid.NONE).with(new Change("/water/depthCm", 43)),
            axolotls(2, 22)),
        row(
            "harmful-ground",
            DANGER,
            "gravel under an axolotl",
            with(axolotlTank(), new Substrate(SubstrateMaterial.GRAVEL, 3)),
            axolotls(2, 22)),
        row(
            "too-cold-in-winter",
            WRONG,
            "a hatchling in a cool room",
            with(muskTank, new Equipment[0]).withSite(steady(19)),
            HATCHLING),
        row(
            "too-cold-in-winter",
            DANGER,
            "dwarf frogs unheated",
            tank(60, 40, 40, 25).withSite(steady(14)),
            animals("dwarf-frog", 4, 3)),
        row(
            "too-warm-in-summer",
            DANGER,
            "axolotls in a warm loft",
            axolotlTank().withSite(steady(27)),
            axolotls(2, 22)),
        row(
            "air-too-cold",
            DANGER,
            "crabs in a cold room",
            with(CRAB_BOX, new Equipment[0]).withSite(steady(12)),
            CRABS),
        row(
            "air-too-warm",
            DANGER,
            "an eft in the heat",
            with(tank(40, 30, 30, 0).withSite(steady(28)), new Land(100, 6, 0)),
            animals("eastern-newt", 1, 5)),
        row(
            "heater-unsafe",
            WRONG,
            "a heater with axolotls",
            with(axolotlTank(), new Equipment.Heater(100, true)),
            axolotls(2, 22)),
        row(
            "heater-unsafe",
            DANGER,
            "a bare tube with a turtle",
            with(sliderPool(), new Equipment.Heater(300, false)),
            animals("slider", 1, 18)),
        row(
            "no-basking-place",
            DANGER,
            "no dry place",
            tank(150, 60, 50, 30).with(Furnishings.NONE.withFurtherWaysOut(1)),
            animals("slider", 1, 18)),
        row(
            "no-basking-place",
            WRONG,
            "a platform for half a turtle",
            with(sliderPool(), new Platform(12, 10)),
            animals("slider", 1, 18)),
        row(
            "no-basking-lamp",
            WRONG,
            "no lamp",
            with(sliderPool(), new Equipment[0]),
            animals("slider", 1, 18)),
        row(
            "no-basking-lamp",
            DANGER,
            "a burning spot",
            with(sliderPool(), new Equipment.BaskingLamp(150, OptionalDouble.of(48))),
            animals("slider", 1, 18)),
        row(
            "no-basking-lamp",
            WRONG,
            "a cool spot",
            with(sliderPool(), new Equipment.BaskingLamp(20, OptionalDouble.of(22))),
            animals("slider", 1, 18)),
        row(
            "uvb-missing",
            WRONG,
            "no tube",
            with(sliderPool(), new Equipment[0]),
            animals("slider", 1, 18)),
        row(
            "uvb-missing",
            WRONG,
            "glass between",
            with(sliderPool(), Lid.GLASS),
            animals("slider", 1, 18)),
        row(
            "uvb-aged",
            WATCH,
            "a tube of half a year",
            with(
                sliderPool(),
                new Equipment.UvbLamp(Optional.of(TODAY.minusDays(190)), OptionalDouble.empty())),
            animals("slider", 1, 18)),
        row(
            "uvb-aged",
            WRONG,
            "a tube of more than a year",
            with(
                sliderPool(),
                new Equipment.UvbLamp(Optional.of(TODAY.minusDays(400)), OptionalDouble.empty())),
            animals("slider", 1, 18)),
        row(
            "filter-too-weak",
            WRONG,
            "no filter",
            with(axolotlTank(), new Equipment[0]),
            axolotls(2, 22)),
        row(
            "filter-too-strong",
            WATCH,
            "a torrent",
            with(axolotlTank(), new Equipment.Filter(3000, Optional.empty(), true)),
            axolotls(2, 22)),
        row(
            "start-up-not-finished",
            WRONG,
            "a filter of ten days",
            with(axolotlTank(), new Equipment.Filter(300, Optional.of(TODAY.minusDays(10)), true)),
            axolotls(2, 22)),
        row(
            "land-share",
            WRONG,
            "half land for land crabs",
            CRAB_BOX.with(new Change("/land/sharePercent", 50)),
            CRABS),
        row(
            "ground-too-shallow",
            WRONG,
            "no ground to moult in",
            CRAB_BOX.with(new Change("/land/heightCm", 7)),
            animals("fiddler", 4, 2.2)),
        row(
            "no-egg-ground",
            WRONG,
            "a grown female on glass",
            sliderPool(),
            sexed("slider", 0, 1, 20)),
        row(
            "siblings-bite",
            WATCH,
            "even larvae of a kind that bites",
            tank(60, 30, 30, 20),
            animals("axolotl", 6, 4)),
        row("group-too-large", WRONG, "nine axolotls", tank(200, 100, 50, 30), axolotls(9, 22)),
        row(
            "group-too-large",
            WATCH,
            "a lonely dwarf frog",
            tank(60, 40, 40, 25),
            animals("dwarf-frog", 1, 3)),
        row("sex-ratio", WRONG, "two male sliders", sliderPool(), sexed("slider", 2, 0, 18)),
        row("sex-ratio", WATCH, "a pair of crabs", CRAB_BOX, sexed("vampire-crab", 2, 2, 1.9)),
        row(
            "one-eats-another",
            DANGER,
            "an eft-sized newt beside a slider",
            sliderPool(),
            animals("slider", 1, 20),
            animals("eastern-newt", 1, 8)),
        row(
            "one-eats-another",
            WRONG,
            "axolotls of two sizes",
            axolotlTank(),
            axolotls(1, 24),
            axolotls(1, 16)),
        row(
            "no-common-climate",
            DANGER,
            "axolotl and dwarf frog",
            axolotlTank(),
            axolotls(1, 20),
            animals("dwarf-frog", 3, 3)),
        row(
            "wrong-habitat",
            DANGER,
            "an axolotl on dry land",
            tank(100, 50, 45, 0),
            axolotls(1, 22)),
        row(
            "wrong-habitat",
            DANGER,
            "an eft in water",
            tank(100, 50, 45, 10),
            animals("eastern-newt", 1, 5)),
        row(
            "soon-outgrown",
            WATCH,
            "a growing axolotl in a starter tank",
            tank(60, 30, 30, 20),
            axolotls(1, 8)),
        row(
            "wrong-salt",
            WATCH,
            "a terrapin in fresh water",
            sliderPool(),
            animals("terrapin", 1, 15)),
        row(
            "wrong-salt",
            WRONG,
            "a fiddler crab in fresh water",
            sliderPool(),
            animals("fiddler", 1, 2)),
        row(
            "wrong-salt",
            DANGER,
            "an axolotl in brackish water",
            axolotlTank().with(new Change("/water/salinityPpt", 8)),
            axolotls(2, 22)),
        row(
            "food-seldom",
            NOTE,
            "an axolotl that gets waxworms",
            axolotlTank(),
            axolotls(1, 22).alsoFed(List.of(FoodItem.find("waxworm").orElseThrow()))),
        row("mains-and-water", NOTE, "anything plugged in", axolotlTank(), axolotls(2, 22)),
        row("hygiene-for-people", NOTE, "any animal", axolotlTank(), axolotls(2, 22)));
  }

  private static Arguments row(
      String rule, Severity severity, String situation, Enclosure e, Resident... residents) {
    return Arguments.of(rule, severity, situation, e, residents);
  }

  @ParameterizedTest(name = "{0} says {1} of {2}")
  @MethodSource("spoiled")
  void a_spoiled_set_up_is_noticed(
      String rule, Severity severity, String situation, Enclosure e, Resident[] residents) {
    Optional<Finding> found = finding(rule, e, residents);
    assertThat(found)
        .as(
            "%s of %s, among %s",
            rule, situation, review(e, residents).stream().map(Finding::rule).toList())
        .isPresent();
    assertThat(found.get().severity()).isEqualTo(severity);
    assertThat(found.get().what().text(UnitSystem.METRIC)).isNotBlank().doesNotContain("{}");
    assertThat(found.get().why().text(UnitSystem.US)).isNotBlank().doesNotContain("{}");
    assertThat(found.get().remedies()).as("a finding says what mends it").isNotEmpty();
  }

  @ParameterizedTest(name = "applying a number of {0} clears it ({2})")
  @MethodSource("spoiled")
  void a_remedy_that_is_a_number_clears_its_finding(
      String rule, Severity severity, String situation, Enclosure e, Resident[] residents) {
    for (Remedy remedy : finding(rule, e, residents).orElseThrow().remedies()) {
      if (!remedy.changes().isEmpty()) {
        assertThat(finding(rule, e.with(remedy.changes()), residents))
            .as("after: %s (%s)", remedy.text().text(UnitSystem.METRIC), remedy.changes())
            .isEmpty();
      }
    }
  }

  @Test
  void every_rule_there_is_has_a_row_above() {
    List<String> covered =
        Stream.concat(spoiled(), WaterRulesTest.spoiled())
            .map(a -> (String) a.get()[0])
            .distinct()
            .toList();
    assertThat(Review.rules().stream().map(Rule::id)).containsExactlyInAnyOrderElementsOf(covered);
  }

  @Test
  void sound_set_ups_raise_no_alarm() {
    assertThat(review(axolotlTank(), axolotls(2, 22))).allMatch(f -> f.severity() == NOTE);
    assertThat(review(sliderPool(), animals("slider", 1, 18)))
        .noneMatch(f -> f.severity() == DANGER || f.severity() == WRONG);
    assertThat(review(CRAB_BOX, CRABS))
        .noneMatch(f -> f.severity() == DANGER || f.severity() == WRONG);
  }

  @Test
  void a_lone_male_lacks_nobody() {
    assertThat(finding("sex-ratio", sliderPool(), sexed("slider", 1, 0, 18))).isEmpty();
  }

  @Test
  void a_verdict_names_its_school_and_those_that_would_not_say_so() {
    Enclosure sandy = with(axolotlTank(), new Substrate(SubstrateMaterial.SAND, 2));
    Finding sand = finding("harmful-ground", sandy, axolotls(2, 22)).orElseThrow();
    assertThat(sand.school().orElseThrow().name()).isEqualTo("Steady cold on a bare floor");
    assertThat(sand.otherwise()).containsExactly("Fine sand for adults");
    assertThat(finding("harmful-ground", sandy, axolotls(2, 22).by("Fine sand for adults")))
        .isEmpty();
    assertThat(finding("harmful-ground", sandy, axolotls(2, 12)).orElseThrow().otherwise())
        .as("no school keeps juveniles on sand")
        .isEmpty();
    Enclosure gravel = with(axolotlTank(), new Substrate(SubstrateMaterial.GRAVEL, 2));
    assertThat(finding("harmful-ground", gravel, axolotls(2, 22)).orElseThrow().otherwise())
        .isEmpty();
  }

  @Test
  void a_school_may_ask_for_more_too() {
    Enclosure musks = with(sliderPool(), new Equipment.BaskingLamp(50, OptionalDouble.of(30)));
    Resident usual = animals("common-musk", 1, 10);
    assertThat(finding("no-basking-lamp", musks, usual)).isEmpty();
    Finding cool = finding("no-basking-lamp", musks, usual.by("Hot spot")).orElseThrow();
    assertThat(cool.school().orElseThrow().name()).isEqualTo("Hot spot");
    assertThat(cool.otherwise()).containsExactly("Bottom walker with a mild spot");
  }

  @Test
  void the_worst_comes_first() {
    assertThat(review(tank(30, 30, 40, 39), HATCHLING))
        .isSortedAccordingTo(Comparator.comparing(Finding::severity));
  }

  @Test
  void a_rest_near_the_surface_allows_more_depth() {
    Enclosure deep = with(tank(60, 40, 30, 14), new Land(45, 20, 20));
    assertThat(finding("water-too-deep", deep, HATCHLING)).isPresent();
    assertThat(
            finding(
                "water-too-deep", deep.with(new Change("/water/restBelowSurfaceCm", 3)), HATCHLING))
        .isEmpty();
  }

  @Test
  void findings_read_in_the_keepers_units() {
    Finding deep = finding("water-too-deep", tank(60, 40, 30, 25.4), HATCHLING).orElseThrow();
    assertThat(deep.what().text(UnitSystem.METRIC)).contains("25.4 cm of water");
    assertThat(deep.what().text(UnitSystem.US)).contains("10 in of water");
  }

  /** 21 CFR 1240.62: turtles with a carapace of less than 4 inches, 10.16 cm. */
  @Test
  void the_sale_limit_of_small_turtles_is_four_inches() {
    assertThat(review(sliderPool(), animals("slider", 1, 10.15)))
        .anyMatch(f -> f.basis().words().contains("21 CFR 1240.62"));
    assertThat(review(sliderPool(), animals("slider", 1, 10.16)))
        .noneMatch(f -> f.basis().words().contains("21 CFR 1240.62"));
  }

  @Test
  void of_two_poisonous_kinds_each_is_told_and_of_forbidden_foods_all() {
    assertThat(
            review(
                    tank(80, 40, 40, 15),
                    animals("fire-bellied-toad", 2, 4),
                    animals("fire-belly-newt", 2, 9))
                .stream()
                .filter(f -> f.rule().equals("poisons-company")))
        .hasSize(2);
    Resident fed =
        animals("slider", 1, 18)
            .alsoFed(
                List.of(
                    FoodItem.find("beef-heart").orElseThrow(),
                    FoodItem.find("bread").orElseThrow()));
    assertThat(
            finding("harmful-food", sliderPool(), fed).orElseThrow().what().text(UnitSystem.METRIC))
        .isEqualTo(
            "Beef heart and bread for 1 slider turtle (adult): never feed mammal meat and starch.");
  }
}
