package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sexed;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static app.islet.core.review.Severity.DANGER;
import static app.islet.core.review.Severity.NOTE;
import static app.islet.core.review.Severity.WATCH;
import static app.islet.core.review.Severity.WRONG;

import app.islet.core.animal.Resident;
import app.islet.core.care.FoodItem;
import app.islet.core.care.Plant;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Purpose;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Stones;
import app.islet.core.enclosure.Stones.Footing;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.UvShape;
import app.islet.core.enclosure.Walls;
import app.islet.core.enclosure.WaterSource;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;

/** Spoiled set-ups for the rules of furnishings, water, light, company and people. */
final class FurnishedRows {
  private static final Resident SLIDER = animals("slider", 1, 18);
  private static final Resident NEWTS = animals("eastern-newt", 3, 8);
  private static final Resident MUSK = animals("common-musk", 1, 10);
  private static final Resident CRABS = sexed("vampire-crab", 2, 4, 1.9);

  private FurnishedRows() {}

  private static Enclosure crabBox() {
    return tank(60, 45, 45, 5, new Equipment.HeatMat(50))
        .withSite(steady(23))
        .with(new Land(92, 14, 14))
        .with(Lid.GLASS);
  }

  private static Enclosure tested(Enclosure e, double ph, double hardnessDh) {
    return e.with(
        e.water()
            .with(
                new Chemistry(
                    OptionalDouble.of(ph), OptionalDouble.of(hardnessDh), Optional.empty())));
  }

  private static Enclosure filledFrom(Enclosure e, WaterSource source) {
    return e.with(
        e.water()
            .with(
                new Chemistry(
                    OptionalDouble.empty(), OptionalDouble.empty(), Optional.of(source))));
  }

  private static Enclosure stones(Enclosure e, double topCm, double gapCm, Footing footing) {
    return e.with(e.furnishings().with(new Stones(topCm, gapCm, footing)));
  }

  private static Enclosure planted(Enclosure e, String plant) {
    return e.with(e.furnishings().with(Plant.find(plant).orElseThrow()));
  }

  private static Enclosure lamp(double watts, double cm) {
    return sliderPool()
        .with(
            new Equipment.BaskingLamp(
                watts, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.of(cm)));
  }

  private static Enclosure uvb(double uviAt30Cm, double cm) {
    return sliderPool()
        .with(Lid.NONE)
        .with(
            new Equipment.UvbLamp(
                Optional.of(TODAY),
                OptionalDouble.of(cm),
                UvShape.SPOT,
                OptionalDouble.of(uviAt30Cm),
                OptionalDouble.empty()));
  }

  static Stream<Arguments> rows() {
    return Stream.of(climate(), light(), build(), drawn(), water(), company(), people())
        .flatMap(rows -> rows);
  }

  private static Stream<Arguments> climate() {
    return Stream.of(
        row(
            "humidity-off",
            WRONG,
            "dry air over crabs",
            crabBox().with(new Change("/conditions/humidityPercent", 50)),
            CRABS),
        row(
            "humidity-off",
            WATCH,
            "an open top in a dry room that nobody measured",
            crabBox().with(Lid.MESH),
            CRABS),
        row("humidity-off", NOTE, "nobody measured", crabBox(), CRABS),
        row(
            "night-not-cooler",
            NOTE,
            "a room that never cools",
            crabBox().withSite(steady(24)),
            CRABS),
        row(
            "oxygen-short",
            WRONG,
            "axolotls in still, warm water",
            axolotlTank().with(new Equipment[0]).withSite(steady(28)),
            axolotls(2, 22)),
        row(
            "filter-overloaded",
            WATCH,
            "a score of axolotls on a small filter",
            axolotlTank(),
            axolotls(20, 22)));
  }

  private static Stream<Arguments> light() {
    return Stream.of(
        row(
            "basking-spot-estimated",
            WATCH,
            "a strong lamp a hand over the place",
            lamp(150, 15),
            SLIDER),
        row("basking-spot-estimated", WATCH, "a weak lamp far up", lamp(25, 90), SLIDER),
        row("uvb-distance", WRONG, "a strong spot lamp too near", uvb(12, 15), SLIDER),
        row("uvb-distance", WATCH, "a tube read far away", uvb(2, 80), SLIDER),
        row(
            "day-length",
            WRONG,
            "light day and night",
            sliderPool().with(new Change("/conditions/lightHours", 24)),
            SLIDER),
        row(
            "day-length",
            WATCH,
            "four hours of light",
            sliderPool().with(new Change("/conditions/lightHours", 4)),
            SLIDER),
        row(
            "too-bright",
            WATCH,
            "a basking lamp over newts",
            tank(60, 40, 40, 25, new Equipment.BaskingLamp(50, OptionalDouble.empty())),
            NEWTS),
        row(
            "uvb-distance",
            WATCH,
            "a tube under the ceiling",
            sliderPool().with(new Change("/equipment/uvb-lamp/distanceCm", 60)),
            SLIDER),
        row(
            "uvb-distance",
            WRONG,
            "a tube on the shell",
            sliderPool().with(new Change("/equipment/uvb-lamp/distanceCm", 5)),
            SLIDER));
  }

  private static Furnishing part(
      FurnishingKind kind, double x, double y, double l, double w, double from, double to) {
    return new Furnishing("it", kind, x, y, l, w, from, to, false, false, false);
  }

  private static Enclosure drawn(Enclosure e, Furnishing... parts) {
    return e.with(Furnishings.NONE.with(parts));
  }

  /** What only a drawing with its parts in their places can tell. */
  private static Stream<Arguments> drawn() {
    Enclosure bay = tank(120, 50, 50, 20).with(Lid.NONE);
    Resident hatchlings = animals("common-musk", 2, 3);
    return Stream.of(
        row(
            "passage-traps",
            DANGER,
            "a filter a hand from the wall",
            drawn(sliderPool(), part(FurnishingKind.FILTER, 11, 20, 12, 20, 0, 40)),
            SLIDER),
        row(
            "stones-undermined",
            WRONG,
            "a stone drawn on sand",
            drawn(
                sliderPool().with(new Substrate(SubstrateMaterial.SAND, 5)),
                part(FurnishingKind.STONE, 60, 30, 15, 15, 5, 20)),
            SLIDER),
        row(
            "under-roof",
            WRONG,
            "hatchlings under a wide float",
            drawn(bay, part(FurnishingKind.FLOAT, 20, 0, 90, 50, 0, 2)),
            hatchlings),
        row(
            "no-room-to-turn",
            WRONG,
            "wood and stones wherever it swims",
            drawn(
                sliderPool(),
                part(FurnishingKind.STONE, 14, 0, 4, 80, 0, 50),
                part(FurnishingKind.STONE, 32, 0, 4, 80, 0, 50),
                part(FurnishingKind.STONE, 50, 0, 4, 80, 0, 50),
                part(FurnishingKind.STONE, 68, 0, 4, 80, 0, 50),
                part(FurnishingKind.STONE, 86, 0, 4, 80, 0, 50),
                part(FurnishingKind.STONE, 104, 0, 4, 80, 0, 50),
                part(FurnishingKind.STONE, 122, 0, 78, 80, 0, 50)),
            SLIDER),
        row(
            "single-exit",
            WATCH,
            "one narrow beach for two",
            drawn(
                bay.with(new Land(30, 23, 36)),
                part(FurnishingKind.BOX, 80, 0, 40, 23, 0, 45),
                part(FurnishingKind.BOX, 80, 27, 40, 23, 0, 45)),
            hatchlings),
        row(
            "lamp-misses-place",
            WRONG,
            "a lamp over the water",
            drawn(sliderPool(), part(FurnishingKind.BASKING_LAMP, 10, 30, 15, 15, 65, 75)),
            SLIDER),
        row(
            "lamp-at-eye-level",
            WATCH,
            "a tube beside the dock",
            drawn(sliderPool(), part(FurnishingKind.UVB_LAMP, 10, 30, 15, 15, 50, 55)),
            SLIDER),
        row(
            "plant-too-dark",
            NOTE,
            "water lettuce without a lamp",
            axolotlTank()
                .with(axolotlTank().furnishings().with(Plant.find("water-lettuce").orElseThrow())),
            axolotls(2, 22)),
        row(
            "heater-dry",
            WRONG,
            "a heater half in the air",
            drawn(bay, part(FurnishingKind.HEATER, 3, 3, 3, 3, 5, 30)),
            MUSK),
        row(
            "heater-dry",
            WRONG,
            "a probe in the air",
            drawn(bay, part(FurnishingKind.PROBE, 3, 3, 1, 1, 25, 28)),
            MUSK),
        row(
            "water-over-lip",
            DANGER,
            "doors under water",
            bay.with(bay.vessel().with(walls(8, true, 15))),
            MUSK),
        row(
            "pane-weak",
            WRONG,
            "a thin pane before a high tank",
            bay.with(bay.vessel().sized(120, 50, 60).with(walls(6, false, 60))),
            MUSK),
        row(
            "part-outside",
            WATCH,
            "a stone through the wall",
            drawn(bay, part(FurnishingKind.STONE, 110, 20, 20, 20, 0, 10)),
            MUSK));
  }

  private static Walls walls(double paneMm, boolean braced, double lipCm) {
    return new Walls(OptionalDouble.of(paneMm), braced, OptionalDouble.of(lipCm));
  }

  private static Stream<Arguments> build() {
    Enclosure hermitage =
        tank(80, 45, 50, 0, new Equipment.HeatMat(60)).with(new Land(100, 18, 0)).with(Lid.GLASS);
    Resident hermits = animals("land-hermit", 4, 2);
    return Stream.of(
        row(
            "trapped-water",
            DANGER,
            "a hatchling beside a wall",
            tank(100, 40, 40, 8)
                .with(new Land(40, 14, 30))
                .with(
                    Furnishings.NONE.with(
                        new Furnishing(
                            "wall", FurnishingKind.BOX, 30, 0, 3, 40, 0, 30, false, false, false))),
            animals("common-musk", 1, 3)),
        row("too-few-hides", WATCH, "crabs in the open", crabBox(), CRABS),
        row(
            "passage-traps",
            DANGER,
            "a cave for the head only",
            sliderPool().with(sliderPool().furnishings().with(new Hides(1, 10))),
            SLIDER),
        row(
            "passage-traps",
            DANGER,
            "a gap between stones",
            stones(sliderPool(), 20, 10, Footing.GLASS),
            SLIDER),
        row(
            "stones-undermined",
            WRONG,
            "stones on sand",
            stones(
                sliderPool().with(new Substrate(SubstrateMaterial.SAND, 5)), 20, 0, Footing.GROUND),
            SLIDER),
        row(
            "stack-under-rim",
            WRONG,
            "a stack a hand below the open rim",
            stones(sliderPool().with(Lid.NONE), 68, 0, Footing.GLASS),
            MUSK),
        row(
            "intake-unguarded",
            WRONG,
            "a hatchling at a bare intake",
            tank(60, 40, 30, 8, new Equipment.Filter(60, Optional.empty(), false)),
            animals("common-musk", 1, 3)),
        row("harmful-plant", WRONG, "lucky bamboo", planted(sliderPool(), "lucky-bamboo"), SLIDER),
        row(
            "plant-will-die",
            NOTE,
            "a tropical plant in cold water",
            planted(axolotlTank(), "anubias"),
            axolotls(2, 22)),
        row(
            "plant-will-die",
            NOTE,
            "a freshwater plant in brackish water",
            planted(sliderPool().with(new Change("/water/salinityPpt", 10)), "hornwort"),
            animals("terrapin", 1, 15)),
        row(
            "plant-conditions",
            NOTE,
            "waterweed for a slider",
            planted(sliderPool(), "elodea"),
            SLIDER),
        row(
            "too-tall-for-its-base",
            WATCH,
            "crabs in a tower",
            tank(40, 35, 80, 5).with(new Land(90, 14, 14)),
            CRABS),
        row("pools-missing", WRONG, "hermits without a pool", hermitage, hermits),
        row(
            "pools-missing",
            WRONG,
            "hermits with fresh water only",
            hermitage.with(hermitage.furnishings().with(new Dish(5, 0, true))),
            hermits),
        row(
            "dish-traps",
            DANGER,
            "a bowl without a slope",
            hermitage.with(hermitage.furnishings().with(new Dish(5, 0, false))),
            hermits),
        row(
            "gap-in-top",
            DANGER,
            "a cable slot over crabs",
            crabBox().with(new Change("/conditions/lidGapCm", 1.5)),
            CRABS),
        row("too-few-ways-out", WATCH, "one bank for six crabs", crabBox(), CRABS),
        row("floor-load", WATCH, "two thirds of a tonne", sliderPool(), SLIDER),
        row("floor-load", NOTE, "a heavy tank", axolotlTank(), axolotls(2, 22)));
  }

  private static Stream<Arguments> water() {
    return Stream.of(
        row("ph-off", WATCH, "slightly sour water", tested(axolotlTank(), 6, 10), axolotls(2, 22)),
        row(
            "ph-off",
            WRONG,
            "very alkaline water",
            tested(axolotlTank(), 9.5, 10),
            axolotls(2, 22)),
        row("hardness-off", WATCH, "soft water", tested(sliderPool(), 7, 1), SLIDER),
        row(
            "water-not-ready",
            DANGER,
            "chlorine over axolotls",
            filledFrom(axolotlTank(), WaterSource.TAP),
            axolotls(2, 22)),
        row(
            "water-not-ready",
            WATCH,
            "tap water for a salamander larva",
            filledFrom(tank(20, 15, 12, 4), WaterSource.TREATED_TAP),
            animals("fire-salamander", 1, 4)),
        row(
            "bare-water",
            WATCH,
            "rain alone",
            filledFrom(axolotlTank(), WaterSource.RAIN),
            axolotls(2, 22)),
        row(
            "air-stone-stirs",
            WATCH,
            "bubbles over axolotls",
            axolotlTank()
                .with(
                    new Equipment.Filter(300, Optional.of(TODAY.minusYears(1)), true),
                    new Equipment.AirStone()),
            axolotls(2, 22)));
  }

  private static Stream<Arguments> company() {
    return Stream.of(
        row(
            "bites-company",
            WRONG,
            "a newt beside a turtle",
            sliderPool(),
            SLIDER,
            animals("painted", 1, 14)),
        row(
            "bites-company",
            DANGER,
            "a clawed frog beside an axolotl too large to swallow",
            tank(80, 40, 40, 25),
            animals("clawed-frog", 1, 7),
            animals("axolotl", 1, 20)),
        row(
            "poisons-company",
            WRONG,
            "a poisonous toad among frogs",
            tank(80, 40, 40, 15),
            animals("fire-bellied-toad", 2, 4),
            animals("dwarf-frog", 2, 3)),
        row(
            "poisons-company",
            WRONG,
            "two poisonous kinds: neither is safe from the other",
            tank(80, 40, 40, 15),
            animals("fire-bellied-toad", 2, 4),
            animals("fire-belly-newt", 2, 9)),
        row(
            "mixed-kinds",
            WATCH,
            "two kinds of turtle",
            sliderPool(),
            SLIDER,
            animals("cooter", 1, 18)),
        row(
            "harmful-food",
            WRONG,
            "beef heart for a turtle",
            sliderPool(),
            SLIDER.alsoFed(List.of(FoodItem.find("beef-heart").orElseThrow()))),
        row(
            "quarantine",
            WATCH,
            "a newcomer of last week",
            sliderPool(),
            SLIDER,
            animals("slider", 1, 17).arrived(TODAY.minusDays(6))),
        row(
            "held-too-long",
            WATCH,
            "a slider in a quarantine without end",
            sliderPool().with(Purpose.QUARANTINE),
            SLIDER.arrived(TODAY.minusDays(100))));
  }

  private static Stream<Arguments> people() {
    Site site = sliderPool().site();
    return Stream.of(
        row(
            "no-residual-current-device",
            WRONG,
            "an old socket",
            sliderPool().withSite(site.withSafety(false, false)),
            SLIDER),
        row(
            "small-children",
            WATCH,
            "a toddler and a turtle",
            sliderPool().withSite(site.withSafety(true, true)),
            SLIDER),
        row("law-and-release", NOTE, "any animal", sliderPool(), SLIDER),
        row("handle-with-care", NOTE, "any animal", sliderPool(), SLIDER));
  }

  private static Arguments row(
      String rule, Severity severity, String situation, Enclosure e, Resident... residents) {
    return Arguments.of(rule, severity, situation, e, residents);
  }
}
