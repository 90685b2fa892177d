package app.islet.core;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.core.review.Finding;
import app.islet.core.review.Review;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Enclosures and animals for tests; every one sound until a test spoils it. */
public final class Setups {
  public static final LocalDate TODAY = LocalDate.of(2026, 3, 2);

  private Setups() {}

  public static Enclosure tank(
      double lengthCm, double widthCm, double heightCm, double depthCm, Equipment... equipment) {
    return Enclosure.bare("Tank", new Vessel(lengthCm, widthCm, heightCm), depthCm)
        .with(Lid.MESH)
        .with(equipment);
  }

  public static Enclosure with(Enclosure e, Land land) {
    return e.with(land);
  }

  public static Enclosure with(Enclosure e, Lid lid) {
    return e.with(lid);
  }

  public static Enclosure with(Enclosure e, Substrate ground) {
    return e.with(ground);
  }

  public static Enclosure with(Enclosure e, Platform platform) {
    return e.with(platform);
  }

  public static Enclosure with(Enclosure e, Equipment... equipment) {
    return e.with(equipment);
  }

  /** Hides for as many, open on all sides. */
  public static Enclosure hides(Enclosure e, int count) {
    return e.with(e.furnishings().with(new Hides(count, 0)));
  }

  public static Site steady(double c) {
    return new Site(c, c, c, c, 60);
  }

  /** Two grown axolotls in a cool, bare tank: nothing wrong with it. */
  public static Enclosure axolotlTank() {
    return hides(
        tank(100, 50, 45, 32, new Equipment.Filter(300, Optional.of(TODAY.minusYears(1)), true))
            .withSite(steady(17.5)),
        2);
  }

  public static Resident axolotls(int count, double lengthCm) {
    return animals("axolotl", count, lengthCm);
  }

  /** A grown slider with all it needs. */
  public static Enclosure sliderPool() {
    return with(
        with(
            tank(
                    200,
                    80,
                    70,
                    40,
                    new Equipment.Heater(400, true),
                    new Equipment.Filter(1200, Optional.of(TODAY.minusYears(1)), true),
                    new Equipment.BaskingLamp(75, OptionalDouble.of(32)),
                    new Equipment.UvbLamp(Optional.of(TODAY.minusDays(30)), OptionalDouble.of(25)))
                .withSite(steady(21)),
            new Platform(50, 40)),
        Lid.MESH);
  }

  public static Resident animals(String species, int count, double lengthCm) {
    return new Resident(
        "They",
        CareLibrary.bundled().find(species).orElseThrow(),
        count,
        0,
        0,
        OptionalDouble.of(lengthCm),
        OptionalDouble.empty(),
        Optional.empty());
  }

  /** Animals of a stage, unmeasured. */
  public static Resident stage(CareSheet sheet, Stage stage, int count) {
    return new Resident(
        "They",
        sheet,
        count,
        0,
        0,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        Optional.of(stage.id()));
  }

  public static Resident sexed(String species, int males, int females, double lengthCm) {
    return new Resident(
        "They",
        CareLibrary.bundled().find(species).orElseThrow(),
        males + females,
        males,
        females,
        OptionalDouble.of(lengthCm),
        OptionalDouble.empty(),
        Optional.empty());
  }

  public static List<Finding> review(Enclosure e, Resident... residents) {
    return Review.of(HusbandryState.of(e, List.of(residents), TODAY)).findings();
  }

  /** The finding of one rule, if it made one. */
  public static Optional<Finding> finding(String rule, Enclosure e, Resident... residents) {
    return review(e, residents).stream().filter(f -> f.rule().equals(rule)).findFirst();
  }
}
