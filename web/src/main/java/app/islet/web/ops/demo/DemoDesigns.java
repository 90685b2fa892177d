package app.islet.web.ops.demo;

import app.islet.core.care.CompanyKind;
import app.islet.core.care.Plant;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Companion;
import app.islet.core.enclosure.Conditions;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Purpose;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.UvShape;
import app.islet.core.enclosure.Vessel;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The enclosures of the mill as they are drawn, each with what its animals need, or nearly so. */
final class DemoDesigns {
  private DemoDesigns() {}

  static Enclosure slate(LocalDate today) {
    return Enclosure.bare("Slate tank", new Vessel(100, 50, 45), 34)
        .with(Lid.MESH)
        .with(filter(300, today, 400))
        .with(
            Furnishings.NONE
                .with(plants("java-fern", "hornwort"))
                .with(
                    part("filter-1", FurnishingKind.FILTER, 2, 2, 8, 10, 0, 24, false),
                    part("spray-bar-1", FurnishingKind.SPRAY_BAR, 11, 2, 22, 2, 30, 34, false),
                    part("cave-1", FurnishingKind.CAVE, 3, 25, 24, 16, 0, 11, false),
                    part("cave-2", FurnishingKind.CAVE, 62, 8, 22, 15, 0, 10, false),
                    part("wood-1", FurnishingKind.WOOD, 58, 41, 34, 7, 0, 7, false),
                    part("plants-1", FurnishingKind.PLANTS, 40, 3, 14, 12, 0, 28, true),
                    part("plants-2", FurnishingKind.PLANTS, 86, 28, 12, 12, 0, 24, true),
                    part("plants-3", FurnishingKind.PLANTS, 56, 5, 9, 9, 0, 14, true),
                    part(
                        "floating-plants-1",
                        FurnishingKind.FLOATING_PLANTS,
                        64,
                        14,
                        30,
                        24,
                        0,
                        2,
                        false)))
        .with(measured(null, 10.0, null));
  }

  static Enclosure nursery() {
    return Enclosure.bare("Nursery tub", new Vessel(60, 40, 20), 10)
        .with(Lid.MESH)
        .with(
            Furnishings.NONE
                .with(plants("hornwort"))
                .with(
                    part("plants-1", FurnishingKind.PLANTS, 6, 6, 12, 10, 0, 9, true),
                    part("plants-2", FurnishingKind.PLANTS, 24, 24, 14, 12, 0, 10, true),
                    part("plants-3", FurnishingKind.PLANTS, 44, 8, 12, 12, 0, 9, true),
                    part(
                        "floating-plants-1",
                        FurnishingKind.FLOATING_PLANTS,
                        8,
                        24,
                        14,
                        12,
                        0,
                        2,
                        false)));
  }

  static Enclosure quarantine(LocalDate today) {
    return Enclosure.bare("Quarantine", new Vessel(40, 25, 25), 14)
        .with(Purpose.QUARANTINE)
        .with(new Land(25, 17, 6))
        .with(Lid.MESH)
        .with(filter(10, today, 20))
        .with(
            Furnishings.NONE.with(
                part("filter-1", FurnishingKind.FILTER, 1, 1, 5, 5, 2, 12, false),
                part("cave-1", FurnishingKind.CAVE, 12, 12, 10, 8, 0, 6, false)));
  }

  static Enclosure pool(LocalDate today) {
    return Enclosure.bare("Long pool", new Vessel(180, 75, 66), 40)
        .with(new Substrate(SubstrateMaterial.SAND, 4))
        .with(new Platform(45, 30))
        .with(
            new Equipment.Heater(300, true),
            filter(900, today, 700),
            new Equipment.BaskingLamp(
                75, OptionalDouble.of(32), OptionalDouble.of(50), OptionalDouble.of(35)),
            tube(today, 175, 30, 5.5))
        .with(
            Furnishings.NONE.with(
                part("stone-1", FurnishingKind.STONE, 8, 8, 30, 24, 4, 22, true),
                part("stone-2", FurnishingKind.STONE, 30, 40, 22, 18, 4, 16, true),
                part("sheets-1", FurnishingKind.SHELF, 70, 6, 40, 22, 32, 36, false),
                part("heater-1", FurnishingKind.HEATER, 64, 1, 4, 4, 10, 36, false),
                part("filter-1", FurnishingKind.FILTER, 112, 1, 14, 12, 4, 34, false),
                part("wood-1", FurnishingKind.WOOD, 66, 44, 46, 10, 4, 14, false),
                part(
                    "floating-plants-1",
                    FurnishingKind.FLOATING_PLANTS,
                    60,
                    32,
                    34,
                    26,
                    0,
                    2,
                    false)))
        .with(measured(null, 11.0, null));
  }

  static Enclosure shallows(LocalDate today) {
    return Enclosure.bare("Shallows", new Vessel(90, 40, 40), 10)
        .with(new Substrate(SubstrateMaterial.SAND, 2))
        .with(new Land(32, 18, 20))
        .with(
            new Equipment.Heater(100, true),
            filter(120, today, 200),
            new Equipment.BaskingLamp(
                35, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.of(30)),
            tube(today, 60, 28, 2.0))
        .with(
            Furnishings.NONE
                .with(plants("hornwort"))
                .with(
                    part("heater-1", FurnishingKind.HEATER, 7, 0, 3, 3, 4, 11, false),
                    part("filter-1", FurnishingKind.FILTER, 0, 0, 7, 6, 2, 12, false),
                    part("stone-1", FurnishingKind.STONE, 20, 8, 16, 14, 2, 9, true),
                    part("wood-1", FurnishingKind.WOOD, 36, 26, 22, 6, 2, 10, false),
                    part("cave-1", FurnishingKind.CAVE, 0, 29, 13, 11, 2, 8, false),
                    part("cave-2", FurnishingKind.CAVE, 44, 0, 13, 11, 2, 8, false),
                    part("plants-1", FurnishingKind.PLANTS, 20, 26, 12, 11, 2, 12, true),
                    part("plants-2", FurnishingKind.PLANTS, 58, 10, 10, 10, 2, 12, true),
                    part(
                        "floating-plants-1",
                        FurnishingKind.FLOATING_PLANTS,
                        6,
                        10,
                        14,
                        12,
                        0,
                        2,
                        false)));
  }

  static Enclosure fern() {
    return Enclosure.bare("Fern box", new Vessel(60, 45, 45), 4)
        .with(
            new Substrate(
                SubstrateMaterial.SAND,
                6.2,
                OptionalDouble.empty(),
                List.of(
                    new Substrate.Layer(SubstrateMaterial.DRAINAGE, 4),
                    new Substrate.Layer(SubstrateMaterial.MESH, 0.2)),
                List.of(),
                false))
        .with(new Land(88, 19, 12).of(SubstrateMaterial.SOIL, true))
        .with(Lid.GLASS)
        .with(new Equipment.HeatMat(50))
        .with(
            hides(3)
                .with(plants("fern", "moss", "spider-plant"))
                .withFurtherWaysOut(2)
                .with(
                    part("cave-1", FurnishingKind.CAVE, 24, 3, 8, 7, 19, 24, false),
                    part("cave-2", FurnishingKind.CAVE, 36, 33, 8, 7, 19, 24, false),
                    part("cave-3", FurnishingKind.CAVE, 50, 6, 8, 7, 19, 23, false),
                    part("branch-1", FurnishingKind.BRANCH, 28, 18, 22, 4, 19, 30, false),
                    part("plants-1", FurnishingKind.PLANTS, 36, 2, 10, 9, 19, 32, true),
                    part("plants-2", FurnishingKind.PLANTS, 24, 34, 9, 8, 19, 29, true),
                    part("plants-3", FurnishingKind.PLANTS, 50, 34, 9, 8, 19, 30, true)))
        .with(
            new Companion(
                CompanyKind.find("springtail").orElseThrow(), 200, OptionalDouble.empty(), true),
            new Companion(
                CompanyKind.find("isopod").orElseThrow(), 40, OptionalDouble.empty(), true))
        .with(measured(86.0, 11.0, 0.1));
  }

  static Enclosure hum(LocalDate today) {
    return Enclosure.bare("Hum tank", new Vessel(75, 35, 45), 28)
        .with(new Substrate(SubstrateMaterial.SAND, 2))
        .with(Lid.GLASS)
        .with(new Equipment.Heater(75, true), filter(150, today, 300))
        .with(
            Furnishings.NONE
                .with(plants("anubias", "java-moss"))
                .with(
                    part("heater-1", FurnishingKind.HEATER, 2, 1, 3, 3, 5, 26, false),
                    part("filter-1", FurnishingKind.FILTER, 7, 1, 7, 6, 2, 22, false),
                    part("cave-1", FurnishingKind.CAVE, 18, 18, 14, 11, 2, 9, false),
                    part("cave-2", FurnishingKind.CAVE, 52, 5, 13, 10, 2, 8, false),
                    part("wood-1", FurnishingKind.WOOD, 36, 20, 26, 6, 2, 14, false),
                    part("plants-1", FurnishingKind.PLANTS, 24, 3, 10, 9, 2, 22, true),
                    part("plants-2", FurnishingKind.PLANTS, 40, 5, 9, 9, 2, 16, true),
                    part("plants-3", FurnishingKind.PLANTS, 64, 20, 10, 11, 2, 24, true),
                    part(
                        "floating-plants-1",
                        FurnishingKind.FLOATING_PLANTS,
                        30,
                        8,
                        24,
                        16,
                        0,
                        2,
                        false)));
  }

  static Enclosure dune() {
    return Enclosure.bare("Dune box", new Vessel(90, 45, 45), 6)
        .with(new Substrate(SubstrateMaterial.SAND, 1))
        .with(new Land(92, 20, 18))
        .with(Lid.GLASS)
        .with(new Equipment.HeatMat(50))
        .with(
            Furnishings.NONE
                .with(new Dish(5, 33, true))
                .withSpareShells(24)
                .with(
                    part("cave-1", FurnishingKind.CAVE, 30, 5, 16, 12, 20, 28, false),
                    part("cork-1", FurnishingKind.CORK, 70, 30, 17, 10, 20, 26, false),
                    part("branch-1", FurnishingKind.BRANCH, 44, 34, 26, 5, 20, 36, false),
                    part("plants-1", FurnishingKind.PLANTS, 74, 4, 12, 11, 20, 36, true),
                    part("plants-2", FurnishingKind.PLANTS, 28, 32, 10, 9, 20, 31, true)))
        .with(measured(70.0, 12.0, 0.1));
  }

  static Enclosure millRace(LocalDate today) {
    return Enclosure.bare("Mill race", new Vessel(80, 40, 40), 26)
        .with(new Substrate(SubstrateMaterial.SAND, 2))
        .with(Lid.MESH)
        .with(new Equipment.Heater(100, true), filter(400, today, 17))
        .with(
            Furnishings.NONE
                .with(plants("hornwort"))
                .with(
                    part("heater-1", FurnishingKind.HEATER, 2, 1, 3, 3, 4, 24, false),
                    part("filter-1", FurnishingKind.FILTER, 7, 2, 9, 8, 2, 24, false),
                    part("cave-1", FurnishingKind.CAVE, 24, 22, 16, 13, 2, 11, false),
                    part("wood-1", FurnishingKind.WOOD, 46, 10, 28, 7, 2, 15, false),
                    part("plants-1", FurnishingKind.PLANTS, 30, 3, 11, 10, 2, 24, true),
                    part("plants-2", FurnishingKind.PLANTS, 64, 26, 11, 11, 2, 22, true),
                    part(
                        "floating-plants-1",
                        FurnishingKind.FLOATING_PLANTS,
                        42,
                        18,
                        26,
                        16,
                        0,
                        2,
                        false)));
  }

  static Enclosure tide(LocalDate today) {
    return Enclosure.bare("Tide tray", new Vessel(80, 40, 35), 8)
        .with(new Change("/water/salinityPpt", 14))
        .with(new Substrate(SubstrateMaterial.SAND, 4))
        .with(new Land(55, 17.5, 17.5))
        .with(Lid.GLASS)
        .with(new Equipment.Heater(50, true), filter(60, today, 240))
        .with(
            Furnishings.NONE
                .with(new Dish(4, 0, true))
                .with(
                    part("heater-1", FurnishingKind.HEATER, 2, 1, 3, 3, 5, 10, false),
                    part("filter-1", FurnishingKind.FILTER, 7, 1, 6, 6, 4, 12, false),
                    part("cave-1", FurnishingKind.CAVE, 54, 3, 10, 9, 17.5, 22, false),
                    part("cave-2", FurnishingKind.CAVE, 68, 26, 9, 8, 17.5, 21.5, false),
                    part("wood-1", FurnishingKind.WOOD, 56, 26, 10, 5, 17.5, 23, false),
                    part("branch-1", FurnishingKind.BRANCH, 18, 22, 26, 5, 4, 26, false),
                    part("cork-1", FurnishingKind.CORK, 68, 6, 10, 7, 17.5, 22, false)))
        .with(measured(80.0, 12.0, 0.1));
  }

  private static Equipment.Filter filter(double flowLph, LocalDate today, int days) {
    return new Equipment.Filter(flowLph, Optional.of(today.minusDays(days)), true);
  }

  private static Equipment.UvbLamp tube(
      LocalDate today, int days, double distanceCm, double uviAt30Cm) {
    return new Equipment.UvbLamp(
        Optional.of(today.minusDays(days)),
        OptionalDouble.of(distanceCm),
        UvShape.LINEAR,
        OptionalDouble.of(uviAt30Cm),
        OptionalDouble.empty());
  }

  private static Furnishing part(
      String id,
      FurnishingKind kind,
      double x,
      double y,
      double length,
      double width,
      double bottom,
      double top,
      boolean round) {
    return new Furnishing(id, kind, x, y, length, width, bottom, top, round, false, false);
  }

  private static Furnishings hides(int count) {
    return Furnishings.NONE.with(new Hides(count, 0));
  }

  private static Plant[] plants(String... ids) {
    return Stream.of(ids).map(id -> Plant.find(id).orElseThrow()).toArray(Plant[]::new);
  }

  private static Conditions measured(
      @Nullable Double humidityPercent, @Nullable Double lightHours, @Nullable Double lidGapCm) {
    return new Conditions(known(humidityPercent), known(lightHours), known(lidGapCm));
  }

  private static OptionalDouble known(@Nullable Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }
}
