package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.finding;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.FurnishingCatalogue;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.UvShape;
import app.islet.core.enclosure.Vessel;
import app.islet.core.enclosure.Walls;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The numbers in remedies, worked by hand. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RemedyNumbersTest {
  private static Finding found(String rule, Enclosure e, Resident... residents) {
    return Review.judged(HusbandryState.of(e, List.of(residents), Setups.TODAY))
        .filter(f -> f.rule().equals(rule))
        .findFirst()
        .orElseThrow();
  }

  private static List<Change> changes(Finding finding) {
    return finding.remedies().stream().flatMap(r -> r.changes().stream()).toList();
  }

  private static List<String> texts(Finding finding) {
    return finding.remedies().stream().map(r -> r.text().text(UnitSystem.METRIC)).toList();
  }

  /** Rim at 40 cm, 35 cm of water: 5 cm over the line. A painted turtle of 15 cm reaches 15. */
  @Test
  void water_is_lowered_until_the_rim_is_out_of_reach() {
    Finding climbs =
        found("can-climb-out", tank(100, 50, 40, 35).with(Lid.NONE), animals("painted", 1, 15));
    assertThat(changes(climbs)).containsExactly(new Change("/water/depthCm", 25));
    Finding shallow =
        found("can-climb-out", tank(100, 50, 12, 3).with(Lid.NONE), animals("painted", 1, 15));
    assertThat(changes(shallow)).as("no water is low enough").isEmpty();
    assertThat(texts(shallow)).containsExactly("Fit a lid.");
  }

  private static Enclosure lipped(double lipCm, double groundCm, double depthCm) {
    Walls walls =
        new Walls(OptionalDouble.empty(), false, OptionalDouble.of(lipCm), OptionalDouble.empty());
    Vessel vessel = new Vessel(Vessel.Shape.BOX, 60, 45, 60, 1, walls);
    return Enclosure.bare("Doors", vessel, 0)
        .with(new Substrate(SubstrateMaterial.SAND, groundCm))
        .with(new Change("/water/depthCm", depthCm));
  }

  @Test
  void water_stays_a_centimetre_under_the_lip_over_any_ground() {
    Finding over = found("water-over-lip", lipped(15, 4, 12), axolotls(1, 20));
    assertThat(over.severity()).isEqualTo(Severity.DANGER);
    assertThat(over.what().text(UnitSystem.METRIC)).contains("1 cm above the lip");
    assertThat(changes(over)).containsExactly(new Change("/water/depthCm", 10));
    Finding near = found("water-over-lip", lipped(15, 4, 11), axolotls(1, 20));
    assertThat(near.severity()).isEqualTo(Severity.WRONG);
    assertThat(near.what().text(UnitSystem.METRIC)).contains("0 cm under the lip");
    assertThat(finding("water-over-lip", lipped(15, 4, 10), axolotls(1, 20))).isEmpty();
    assertThat(changes(found("water-over-lip", lipped(4, 4, 2), axolotls(1, 20))))
        .as("the ground alone reaches the lip")
        .isEmpty();
  }

  @Test
  void too_little_water_is_raised_where_the_vessel_is_tall_enough() {
    Finding low = found("water-too-shallow", tank(60, 40, 30, 5), axolotls(1, 20));
    assertThat(changes(low)).containsExactly(new Change("/water/depthCm", 15));
    Finding flat =
        found(
            "water-too-shallow",
            tank(60, 40, 16, 5).with(new Substrate(SubstrateMaterial.SAND, 2)),
            axolotls(1, 20));
    assertThat(changes(flat)).isEmpty();
    assertThat(texts(flat))
        .containsExactly("The vessel is too low for that: choose one at least 22 cm high.");
  }

  /** A musk hatchling: 10 cm bare, 18 with a rest within 4 cm of the surface. */
  @Test
  void a_rest_is_offered_only_where_one_would_do() {
    Resident musk = animals("common-musk", 1, 3);
    Finding deep = found("water-too-deep", tank(60, 40, 40, 15), musk);
    assertThat(deep.what().text(UnitSystem.METRIC)).contains("without a rest near the surface");
    assertThat(changes(deep))
        .containsExactly(
            new Change("/water/depthCm", 10), new Change("/water/restBelowSurfaceCm", 4));
    assertThat(changes(found("water-too-deep", tank(60, 40, 40, 18), musk))).hasSize(2);
    assertThat(changes(found("water-too-deep", tank(60, 40, 40, 18.1), musk)))
        .as("too deep even with a rest")
        .containsExactly(new Change("/water/depthCm", 10));
    Finding rested =
        found(
            "water-too-deep",
            tank(60, 40, 40, 20).with(new Change("/water/restBelowSurfaceCm", 4)),
            musk);
    assertThat(rested.what().text(UnitSystem.METRIC)).doesNotContain("without a rest");
    assertThat(changes(rested)).containsExactly(new Change("/water/depthCm", 18));
  }

  @Test
  void what_is_lacking_is_named() {
    Finding dry = found("wrong-habitat", tank(60, 40, 40, 0), axolotls(1, 20));
    assertThat(dry.what().text(UnitSystem.METRIC)).startsWith("No water for");
    assertThat(texts(dry)).containsExactly("Fill it, with dechlorinated water.");
    Finding wet = found("wrong-habitat", tank(60, 40, 40, 20), animals("eastern-newt", 1, 5));
    assertThat(wet.what().text(UnitSystem.METRIC)).startsWith("No dry land for");
    assertThat(wet.why().text(UnitSystem.METRIC)).contains("breathes air");
  }

  /** 100 by 50 cm: 5 L a centimetre. Three grown axolotls need 155 L, and 4 cm under the rim. */
  @Test
  void water_is_raised_for_the_litres_where_all_may_have_it() {
    Finding little = found("too-little-water", tank(100, 50, 45, 20), axolotls(3, 22));
    assertThat(changes(little)).containsExactly(new Change("/water/depthCm", 31));
    assertThat(changes(found("too-little-water", tank(100, 50, 35, 20), axolotls(3, 22))))
        .as("just under the freeboard")
        .containsExactly(new Change("/water/depthCm", 31));
    Finding flat = found("too-little-water", tank(100, 50, 34.5, 20), axolotls(3, 22));
    assertThat(changes(flat)).as("the rim is too low").isEmpty();
    assertThat(texts(flat)).containsExactly("A larger vessel: 7750 cm² at this depth.");
    assertThat(
            changes(
                found(
                    "too-little-water",
                    tank(100, 50, 60, 20).with(new Land(20, 25, 0)),
                    axolotls(3, 22))))
        .as("beside land nobody knows how deep")
        .isEmpty();
    assertThat(finding("too-little-water", tank(100, 50, 45, 31), axolotls(3, 22))).isEmpty();
  }

  /** Froglets of the dwarf frog stand 20 cm without a rest; 30 of them need 68 L. */
  @Test
  void water_is_not_raised_beyond_what_they_stand() {
    Resident froglets = animals("dwarf-frog", 30, 2);
    assertThat(changes(found("too-little-water", tank(80, 42.5, 40, 15), froglets)))
        .containsExactly(new Change("/water/depthCm", 20));
    assertThat(changes(found("too-little-water", tank(80, 42, 40, 15), froglets))).isEmpty();
  }

  @Test
  void hides_to_add_are_those_that_are_neither_counted_nor_drawn() {
    Enclosure one =
        FurnishingCatalogue.added(
            tank(150, 60, 45, 30).with(Furnishings.NONE.with(new Hides(1, 0))),
            FurnishingKind.CAVE);
    Finding few = found("too-few-hides", one, axolotls(4, 22));
    assertThat(few.what().text(UnitSystem.METRIC)).startsWith("Too few hides");
    assertThat(changes(few)).containsExactly(new Change("/furnishings/hides/count", 3));
    assertThat(finding("too-few-hides", one, axolotls(2, 22))).isEmpty();
  }

  @Test
  void a_cave_that_is_drawn_is_shade_as_one_that_is_counted() {
    Enclosure lit = tank(100, 50, 45, 30, new Equipment.BaskingLamp(35, OptionalDouble.empty()));
    assertThat(finding("too-bright", lit, axolotls(1, 22))).isPresent();
    assertThat(
            finding(
                "too-bright", FurnishingCatalogue.added(lit, FurnishingKind.CAVE), axolotls(1, 22)))
        .isEmpty();
    assertThat(
            finding(
                "too-bright",
                FurnishingCatalogue.added(lit, FurnishingKind.STONE),
                axolotls(1, 22)))
        .isPresent();
  }

  /** A tube of UV index 3 at 30 cm, for a slider of zone 3. */
  @Test
  void a_lamp_of_known_strength_is_hung_where_its_index_is_right() {
    Finding far = found("uvb-distance", uvb(3, 90), animals("slider", 1, 18));
    assertThat(far.severity()).isEqualTo(Severity.WATCH);
    double aim = changes(far).get(0).value();
    assertThat(aim).isLessThan(90);
    assertThat(finding("uvb-distance", uvb(3, aim), animals("slider", 1, 18))).isEmpty();
    Finding near = found("uvb-distance", uvb(12, 15), animals("slider", 1, 18));
    assertThat(near.severity()).isEqualTo(Severity.WRONG);
    assertThat(near.why().text(UnitSystem.METRIC)).startsWith("So much burns");
    assertThat(changes(near).get(0).value()).isGreaterThan(15);
    Enclosure drawn = FurnishingCatalogue.added(uvb(12, 15), FurnishingKind.UVB_LAMP);
    finding("uvb-distance", drawn, animals("slider", 1, 18))
        .ifPresent(f -> assertThat(changes(f)).as("a lamp that is drawn is dragged").isEmpty());
  }

  private static Enclosure uvb(double uviAt30Cm, double distanceCm) {
    return tank(
            150,
            60,
            60,
            30,
            new Equipment.UvbLamp(
                Optional.of(TODAY),
                OptionalDouble.of(distanceCm),
                UvShape.LINEAR,
                OptionalDouble.of(uviAt30Cm),
                OptionalDouble.empty()))
        .with(Lid.NONE)
        .with(new Platform(40, 30));
  }
}
