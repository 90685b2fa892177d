package app.islet.core.build;

import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.geometry.StructuralLoad;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import app.islet.core.water.WaterState;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** The order of building with its waits; common practice, no source, where nothing else is said. */
final class AssemblySteps {
  private static final Set<FurnishingKind> HEAVY =
      Set.of(FurnishingKind.STONE, FurnishingKind.STACK, FurnishingKind.CAVE);
  private static final Set<SubstrateMaterial> RINSED =
      Set.of(SubstrateMaterial.SAND, SubstrateMaterial.GRAVEL, SubstrateMaterial.LARGE_STONES);
  private static final Set<SubstrateMaterial> LIVING =
      Set.of(SubstrateMaterial.SOIL, SubstrateMaterial.COCONUT_AND_SAND, SubstrateMaterial.MOSS);
  private static final double RULE_OF_THUMB_DAYS = 42;

  private final HusbandryState s;
  private final Enclosure e;
  private final boolean water;
  private final List<BuildStep> steps = new ArrayList<>();

  private AssemblySteps(HusbandryState s) {
    this.s = s;
    this.e = s.enclosure();
    this.water = s.geometry().hasWater();
  }

  static List<BuildStep> of(HusbandryState s) {
    AssemblySteps order = new AssemblySteps(s);
    order.standAndLeak();
    order.groundAndParts();
    order.fill();
    order.run();
    order.settle();
    return order.steps;
  }

  private void step(String key, String title, String how, Object... parts) {
    steps.add(new BuildStep(key, title, Phrase.of(how, parts), 0, ""));
  }

  private void waiting(
      double days, String wait, String key, String title, String how, Object... parts) {
    steps.add(new BuildStep(key, title, Phrase.of(how, parts), days, wait));
  }

  private void standAndLeak() {
    StructuralLoad loads = StructuralLoad.of(e, s.geometry());
    step(
        "stand",
        "Set up the stand",
        "Level both ways, a soft mat under a frameless vessel. It will weigh about {}, {} under its heaviest corner; a floor in doubt is the engineer's.",
        Quantity.kilograms(loads.totalKg()),
        Quantity.kilograms(loads.heaviestFootKg()));
    if (heavy()) {
      step(
          "dry-arrange",
          "Arrange the stones dry, outside",
          "Nothing may slide when shaken. Glue what is stacked; no gap wider than the head and narrower than the shell.");
    }
    if (water) {
      waiting(
          1,
          "a day and a night",
          "leak",
          "Test for leaks",
          "Fill it where a leak does no harm, dry paper along every seam, look again after a day. Then empty it.");
    }
  }

  private boolean heavy() {
    return e.furnishings().stones().isPresent()
        || e.furnishings().parts().stream().anyMatch(p -> HEAVY.contains(p.kind()));
  }

  private void groundAndParts() {
    if (RINSED.contains(e.ground().material())) {
      step(
          "rinse",
          "Rinse the " + e.ground().material().words(),
          "In a bucket, again and again, until the water stays clear. No soap.");
    }
    if (!e.ground().below().isEmpty()) {
      step(
          "layers",
          "Lay the lower layers",
          "From the floor up: {}. The mesh reaches up the walls a little, so that nothing washes through.",
          English.list(e.ground().below().stream().map(l -> l.material().words()).toList()));
    }
    if (heavy()) {
      step(
          "pad",
          "Pads on the floor, stones on the pads",
          "Before any sand: what stands on sand is dug out from under. No stone touches glass.");
    }
    if (e.ground().depthCm() > 0 && e.ground().material() != SubstrateMaterial.BARE) {
      step(
          "ground",
          "Fill in the ground",
          "{} deep over the floor; slopes last.",
          Quantity.cm(e.ground().depthCm()));
    }
    if (!e.furnishings().parts().isEmpty() || e.platform().isPresent()) {
      step(
          "parts",
          "Put in wood, hides, land and ways out",
          "As drawn. Try every slope with a finger: rough, firm, dry at the top.");
    }
    if (!e.equipment().isEmpty()) {
      step(
          "devices",
          "Fit the devices, all unplugged",
          "A drip loop in every cable, sockets above the rim, a residual-current device before them. Guards over heater and intake. Fixed wiring is the electrician's.");
    }
  }

  private void fill() {
    if (!water) {
      return;
    }
    step(
        "fill",
        "Fill it",
        "{} over a plate, so that the ground stays: the line at {} over the floor.",
        Quantity.litres(s.geometry().waterL()),
        Quantity.cm(s.geometry().lineCm()));
    if (e.water().chemistry().source().orElse(WaterSource.TAP) == WaterSource.TAP) {
      waiting(
          0.05,
          "an hour, or as the label says",
          "dechlorinate",
          "Take out chlorine and chloramine",
          "Conditioner by its label for {}, never more{}. Standing overnight does nothing against chloramine.",
          Quantity.litres(s.geometry().waterL()),
          s.waterState()
              .conditioner(s.geometry().waterL())
              .<Object>map(d -> Phrase.of(": {} by yours", new Quantity(Dimension.DOSE, d.ml())))
              .orElse(""));
    }
    if (e.water().salinityPpt() > 0) {
      waiting(
          1,
          "a day, then measure",
          "salt",
          "Dissolve the salt",
          "Outside the vessel, pump running, to {}; measure again after a day.",
          new Quantity(Dimension.SALINITY, e.water().salinityPpt()));
    }
  }

  private void run() {
    boolean holds =
        e.has(Equipment.Heater.class)
            || e.has(Equipment.Chiller.class)
            || e.has(Equipment.HeatMat.class);
    if (e.has(Equipment.Filter.class)) {
      step("filter", "Start the filter", "Let the air out; it runs from now on, day and night.");
    }
    if (holds) {
      waiting(
          1,
          "overnight",
          "temperature",
          "Set the temperature and wait overnight",
          "Heater in only after a quarter of an hour under water. Read a thermometer of your own, evening and morning; set again and wait again until it stands.");
    }
    if (e.has(Equipment.BaskingLamp.class) || e.has(Equipment.UvbLamp.class)) {
      step(
          "lamps",
          "Measure under the lamps",
          "Surface temperature where the back will be, UV index with a meter; distance to wood, plastic and curtain. Lamps hang from something that holds when knocked.");
    }
    phWeek();
  }

  /** Only where the tested value lies outside what the residents tolerate. */
  private void phWeek() {
    double ph = e.water().chemistry().ph().orElse(Double.NaN);
    s.residents().stream()
        .flatMap(r -> r.stage().needs().chemistry().stream())
        .map(Needs.Chemistry::ph)
        .filter(range -> !Double.isNaN(ph) && !range.contains(ph))
        .findFirst()
        .ifPresent(range -> phWeek(ph, range));
  }

  private void phWeek(double ph, Range range) {
    double aim = ph < range.min() ? range.min() : range.max();
    double days = Math.ceil(Math.abs(aim - ph) / WaterState.MAX_PH_A_DAY);
    waiting(
        days,
        "a day for each step",
        "ph",
        "Move the pH in small steps",
        "From {} to {}: at most {} a day, measured before each step. With the animals out of it.",
        new Quantity(Dimension.RATIO, ph),
        new Quantity(Dimension.RATIO, aim),
        new Quantity(Dimension.RATIO, WaterState.MAX_PH_A_DAY));
  }

  /** As long as the filter takes in this water, estimated; by the rule of thumb beside it. */
  private void cycle() {
    String title = "Cycle the filter without animals";
    String how =
        "Feed it with ammonia, test every other day. Done when what you dose is gone in a day, ammonia and nitrite at 0, nitrate rising.";
    Optional<Range> days = s.waterState().startUpDays(0);
    if (days.isEmpty()) {
      waiting(
          RULE_OF_THUMB_DAYS,
          "four to eight weeks",
          "cycle",
          title,
          how + " This water holds too few bacteria for the dose: a filter, or a larger one.");
      return;
    }
    Range bare = days.get();
    waiting(
        bare.middle(),
        String.format(Locale.ROOT, "%.0f to %.0f weeks", bare.min() / 7, Math.ceil(bare.max() / 7)),
        "cycle",
        title,
        how
            + " Estimated for this water at {}: {} to {}; four to eight weeks by the rule of thumb. With a quarter of its media from a running tank: {}.",
        Quantity.celsius(s.waterState().tempC()),
        Quantity.count(bare.min()),
        Quantity.days(bare.max()),
        s.waterState()
            .startUpDays(25)
            .<Object>map(r -> Phrase.range(r, Dimension.DAYS))
            .orElse("not much sooner"));
  }

  private void settle() {
    boolean inWater =
        s.residents().isEmpty()
            || s.residents().stream().anyMatch(r -> r.stage().habitat() != Habitat.LAND);
    if (LIVING.contains(e.ground().material())) {
      waiting(
          21,
          "three weeks",
          "clean-up-crew",
          "Let springtails and isopods establish",
          "Into the damp ground, a little food; planted now, too. The animals come when they are everywhere.");
    }
    if (water && inWater) {
      cycle();
      step(
          "change",
          "A large change before they come",
          "Until nitrate is low; same temperature, conditioned.");
    }
    if (e.lid() != Lid.NONE) {
      step(
          "lid",
          "Close the top",
          "A finger along every gap and cable slot: what the head goes through, the animal follows.");
    }
    step(
        "animals",
        "The animals",
        "Closed box, dim light, an hour to come to temperature. Nothing to eat the first day; look at them every evening of the first week.");
  }
}
