package app.islet.core.review;

import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.finding;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.core.enclosure.Walls;
import app.islet.core.quantity.UnitSystem;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The numbers in remedies, worked by hand. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RemedyNumbersTest {
  private static Finding found(String rule, Enclosure e, Resident... residents) {
    return finding(rule, e, residents).orElseThrow();
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
}
