package app.islet.core.build;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.animal.Resident;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BuildSheetTest {
  private static BuildSheet sheet(Enclosure e, Resident... residents) {
    return BuildSheet.of(HusbandryState.of(e, List.of(residents), TODAY));
  }

  private static BillLine line(BuildSheet sheet, String key) {
    return sheet.lines().stream().filter(l -> l.key().equals(key)).findFirst().orElseThrow();
  }

  private static List<String> order(BuildSheet sheet) {
    return sheet.steps().stream().map(BuildStep::key).toList();
  }

  /** A floor of 0.5 m²: a centimetre of it is 5 L; sand of 1.6 kg/L. */
  @Test
  void layers_are_counted_in_litres_and_kilograms() {
    Enclosure e =
        tank(100, 50, 50, 20)
            .with(
                new Substrate(SubstrateMaterial.SAND, 7)
                    .withBelow(
                        List.of(
                            new Substrate.Layer(SubstrateMaterial.DRAINAGE, 4),
                            new Substrate.Layer(SubstrateMaterial.MESH, 1)))
                    .withPoints(List.of(new Substrate.Point(50, 10))));
    BuildSheet sheet = sheet(e);
    assertThat(line(sheet, "layer-1-drainage").amounts().get(0).si()).isCloseTo(20, within(1e-9));
    assertThat(line(sheet, "layer-2-mesh").amounts().get(0).si())
        .isCloseTo(5000 * 1.1, within(1e-9));
    // Two centimetres everywhere and a triangle of 100 by 10 cm over 50 cm of width.
    BillLine sand = line(sheet, "ground-sand");
    assertThat(sand.amounts().get(0).si()).isCloseTo(10 + 25, within(0.01));
    assertThat(sand.amounts().get(1).si()).isCloseTo(35 * 1.6, within(0.02));
  }

  @Test
  void parts_are_counted_weighed_and_measured() {
    Enclosure e =
        tank(100, 50, 50, 20)
            .with(
                Furnishings.NONE.with(
                    part("stone-1", FurnishingKind.STONE, 20, 10, 0, 10),
                    part("stone-2", FurnishingKind.STONE, 20, 10, 0, 10),
                    part("back-wall-1", FurnishingKind.BACK_WALL, 100, 3, 0, 50),
                    part("plants-1", FurnishingKind.PLANTS, 30, 20, 0, 18)));
    BuildSheet sheet = sheet(e);
    assertThat(line(sheet, "part-stone").amounts().get(0).si()).isEqualTo(2);
    assertThat(line(sheet, "part-stone").amounts().get(1).si()).isCloseTo(10.4, within(1e-9));
    assertThat(line(sheet, "part-back-wall").amounts().get(1).si()).isEqualTo(5000);
    assertThat(line(sheet, "part-plants").amounts().get(1).si()).isEqualTo(600);
    assertThat(sheet.lines().stream().map(BillLine::key)).doesNotHaveDuplicates();
  }

  private static Furnishing part(
      String id, FurnishingKind kind, double l, double w, double from, double to) {
    return new Furnishing(id, kind, 0, 0, l, w, from, to, false, false, false);
  }

  /** 1 kg of finished sea water at 35 g/kg holds 35 g: salt over salt and water. */
  @Test
  void salt_makes_the_salinity_it_is_weighed_for() {
    BuildSheet sheet = sheet(tank(100, 50, 50, 20).with(new Change("/water/salinityPpt", 35)));
    double salt = line(sheet, "salt").amounts().get(0).si();
    double water = 100_000 * 0.99704796;
    assertThat(1000 * salt / (salt + water)).isCloseTo(35, within(1e-6));
    assertThat(order(sheet)).containsSubsequence("fill", "salt", "animals");
  }

  @Test
  void every_wait_stands_where_it_belongs() {
    Enclosure e =
        tank(
                120,
                60,
                50,
                20,
                new Equipment.Heater(100, true),
                new Equipment.Filter(300, Optional.empty(), true),
                new Equipment.BaskingLamp(50, OptionalDouble.empty()))
            .with(
                new Substrate(SubstrateMaterial.SAND, 5)
                    .withBelow(List.of(new Substrate.Layer(SubstrateMaterial.DRAINAGE, 2))))
            .with(Furnishings.NONE.with(part("stone-1", FurnishingKind.STONE, 20, 10, 0, 10)));
    BuildSheet sheet = sheet(e, animals("slider", 1, 18));
    assertThat(order(sheet))
        .containsExactly(
            "stand",
            "dry-arrange",
            "leak",
            "rinse",
            "layers",
            "pad",
            "ground",
            "parts",
            "devices",
            "fill",
            "dechlorinate",
            "filter",
            "temperature",
            "lamps",
            "cycle",
            "change",
            "lid",
            "animals");
    assertThat(sheet.days()).isGreaterThan(28);
  }

  @Test
  void spring_water_needs_no_conditioner_and_a_dry_box_no_leak_test() {
    Enclosure e = tank(60, 40, 40, 20);
    Enclosure spring =
        e.with(
            e.water()
                .with(
                    new Chemistry(
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        Optional.of(WaterSource.SPRING))));
    assertThat(order(sheet(spring))).contains("fill").doesNotContain("dechlorinate");
    assertThat(order(sheet(e.with(new Change("/water/depthCm", 0)))))
        .doesNotContain("leak", "fill", "cycle");
    BuildSheet land =
        sheet(
            e.with(new Change("/water/depthCm", 0)).with(new Substrate(SubstrateMaterial.SOIL, 12)),
            animals("land-hermit", 3, 2));
    assertThat(order(land)).containsSubsequence("ground", "clean-up-crew", "animals");
  }

  @Test
  void a_ph_out_of_range_is_moved_over_a_week() {
    Enclosure e = axolotlTank();
    Enclosure acid =
        e.with(
            e.water()
                .with(
                    new Chemistry(
                        OptionalDouble.of(5.2), OptionalDouble.empty(), Optional.empty())));
    BuildStep ph =
        sheet(acid, axolotls(1, 22)).steps().stream()
            .filter(step -> step.key().equals("ph"))
            .findFirst()
            .orElseThrow();
    assertThat(ph.waitDays()).isGreaterThanOrEqualTo(7);
    assertThat(ph.how().text(UnitSystem.METRIC)).startsWith("From 5.2 to 6.5");
    assertThat(order(sheet(e, axolotls(1, 22)))).doesNotContain("ph");
  }

  /**
   * A lamp of 75 W for the 10 hours a day that sliders bask by their sheet, a month of 30.44 days.
   */
  @Test
  void lamps_cost_their_hours_and_heaters_what_the_room_takes() {
    BuildSheet sheet = sheet(sliderPool(), animals("slider", 1, 18));
    PowerLine lamp = power(sheet, "basking lamp");
    assertThat(lamp.winterKwhPerMonth()).isCloseTo(0.075 * 10 * 30.44, within(1e-9));
    PowerLine cold = power(sheet, "heater");
    PowerLine warm =
        power(sheet(sliderPool().withSite(steady(30)), animals("slider", 1, 18)), "heater");
    assertThat(warm.winterKwhPerMonth()).isZero();
    assertThat(cold.winterKwhPerMonth()).isBetween(20.0, 400 * 0.73);
    assertThat(sheet.winterKwhPerMonth())
        .isCloseTo(
            sheet.power().stream().mapToDouble(PowerLine::winterKwhPerMonth).sum(), within(1e-9));
  }

  private static PowerLine power(BuildSheet sheet, String device) {
    return sheet.power().stream().filter(p -> p.device().equals(device)).findFirst().orElseThrow();
  }

  @Test
  void what_is_missing_is_said() {
    BuildSheet bare =
        sheet(tank(100, 60, 50, 20).with(new Land(30, 24, 24)), animals("slider", 1, 12));
    assertThat(bare.lines().stream().filter(l -> !l.present()).map(BillLine::thing))
        .contains("Basking lamp", "UVB tube", "Filter");
  }

  /** Four pieces three to four times a week: 3.5 times 4 in seven days, 30.4 days in a month. */
  @Test
  void a_month_of_food_follows_the_menu_and_is_bought_each_month() {
    HusbandryState state = HusbandryState.of(axolotlTank(), List.of(axolotls(2, 22)), TODAY);
    assertThat(line(BuildSheet.of(state), "food-earthworm-pieces").amounts().get(0).si())
        .isEqualTo(Math.ceil(2 * 4 * 0.5 * 30.4));
    assertThat(Replacement.of(state))
        .filteredOn(r -> r.key().equals("food-earthworm-pieces"))
        .extracting(Replacement::times)
        .containsExactly(11);
  }
}
