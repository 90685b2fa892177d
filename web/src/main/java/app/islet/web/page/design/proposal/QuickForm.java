package app.islet.web.page.design.proposal;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.StandardVessel;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A set-up in a minute: what one sees of somebody's tank, and the rest taken as usual. */
final class QuickForm {
  private static final String OWN = "own";
  private static final double USUAL_FULL = 80;
  private static final int MAX_WEEKS = 2000;

  /** What is taken where only its kind is said, cm; common practice, no source. */
  private static final double GROUND_CM = 3;

  private static final double DOCK_CM = 30;
  private static final double LAND_PERCENT = 30;

  /** How they get out of the water. */
  enum Out {
    NONE("no way out"),
    PLATFORM("a platform or float"),
    LAND("land at one end"),
    DRY("it is all land");

    private final String words;

    Out(String words) {
      this.words = words;
    }
  }

  private QuickForm() {}

  static List<Field> who(Form form, CareLibrary library) {
    Fields fields = Fields.of(form, "quick");
    List<Field.Option> species = new ArrayList<>(List.of(new Field.Option("", "choose one")));
    List<Field.Option> stages =
        new ArrayList<>(List.of(new Field.Option("", "from the length; adult if not measured")));
    for (CareSheet sheet : library.all()) {
      species.add(new Field.Option(sheet.id(), sheet.name()));
      sheet
          .stages()
          .forEach(
              t ->
                  stages.add(
                      new Field.Option(sheet.id() + "/" + t.id(), sheet.name() + ": " + t.name())));
    }
    return List.of(
        fields.select("species", species),
        fields.select("stage", stages),
        fields.length("length"),
        fields.number("count"));
  }

  static List<Field> tank(Form form) {
    Fields fields = Fields.of(form, "quick");
    List<Field.Option> tanks = new ArrayList<>();
    StandardVessel.all().forEach(v -> tanks.add(new Field.Option(v.name(), v.name())));
    tanks.add(new Field.Option(OWN, "measures of my own, below"));
    return List.of(
        fields.select("tank", tanks),
        fields.length("ownLength"),
        fields.length("ownWidth"),
        fields.length("ownHeight"),
        fields.number("full", "%"),
        fields.length("depth"),
        fields.select("out", options(Out.values())),
        fields.select("ground", grounds()),
        fields.number("hides"),
        fields.select(
            "lid",
            Arrays.stream(Lid.values()).map(l -> new Field.Option(l.name(), l.words())).toList()));
  }

  static List<Field> devices(Form form) {
    Fields fields = Fields.of(form, "quick");
    return List.of(
        fields.number("filter", Dimension.FLOW),
        fields.number("filterWeeks"),
        fields.check("intakeGuarded"),
        fields.number("heater", Dimension.POWER),
        fields.check("heaterGuarded"),
        fields.check("lamp"),
        fields.check("uvb"));
  }

  private static List<Field.Option> options(Out[] values) {
    return Arrays.stream(values).map(o -> new Field.Option(o.name(), o.words)).toList();
  }

  private static List<Field.Option> grounds() {
    return Arrays.stream(SubstrateMaterial.values())
        .filter(m -> m != SubstrateMaterial.MESH && m != SubstrateMaterial.DRAINAGE)
        .map(m -> new Field.Option(m.name(), m.words()))
        .toList();
  }

  static Optional<Resident> resident(Form form, CareLibrary library) {
    Optional<CareSheet> sheet = library.find(form.typed("species"));
    if (sheet.isEmpty()) {
      form.refuse("species", "Please choose who lives there.");
      return Optional.empty();
    }
    int count = form.whole("count", 1, 1000, 1);
    OptionalDouble length = form.optional("length", Size.LENGTH);
    Optional<String> stage =
        Optional.of(form.typed("stage").replaceFirst("^.*/", ""))
            .filter(s -> sheet.get().stage(s).isPresent());
    return Optional.of(
        Resident.described(
            sheet.get(), Heads.of(count), Size.of(length, OptionalDouble.empty()), stage));
  }

  /**
   * @param site of a room that is known; else what was said of the warmest day there
   */
  static Optional<Enclosure> enclosure(Form form, Optional<Site> site, LocalDate today) {
    Optional<Vessel> vessel = vessel(form);
    OptionalDouble said = form.optional("depth", Dimension.LENGTH, 0, Vessel.MAX_CM);
    double warmest =
        form.optional("warmest", Dimension.TEMPERATURE, -10, 45).orElse(Asked.WARMEST_C);
    double full = form.optional("full", Dimension.PERCENT, 0, 100).orElse(USUAL_FULL);
    Out out = form.choice("out", Out.class, Out.NONE);
    SubstrateMaterial material =
        form.choice("ground", SubstrateMaterial.class, SubstrateMaterial.BARE);
    Lid lid = form.choice("lid", Lid.class, Lid.NONE);
    int hides = form.whole("hides", 0, 500, 0);
    List<Equipment> devices = equipment(form, today);
    vessel
        .filter(v -> said.orElse(0) > v.heightCm())
        .ifPresent(
            v -> form.refuse("depth", "The tank is only %s high.".formatted(height(v, form))));
    if (form.hasErrors() || vessel.isEmpty()) {
      return Optional.empty();
    }
    Vessel v = vessel.get();
    double ground = material == SubstrateMaterial.BARE ? 0 : Math.min(GROUND_CM, v.heightCm() / 4);
    double depth =
        out == Out.DRY ? 0 : said.orElse(Math.max(0, full / 100 * v.heightCm() - ground));
    Enclosure e =
        Enclosure.bare("Quick check", v, Math.min(depth, v.heightCm() - ground))
            .withSite(site.orElseGet(() -> Asked.room(warmest)))
            .with(new Substrate(material, ground))
            .with(lid)
            .with(devices.toArray(Equipment[]::new));
    Enclosure hidden = hides > 0 ? e.with(e.furnishings().with(new Hides(hides, 0))) : e;
    return Optional.of(withWayOut(hidden, out));
  }

  private static String height(Vessel v, Form form) {
    return new Quantity(Dimension.LENGTH, v.heightCm()).text(form.units());
  }

  private static Enclosure withWayOut(Enclosure e, Out out) {
    Vessel v = e.vessel();
    double top = Math.min(v.heightCm(), e.waterLineCm() + 3);
    return switch (out) {
      case PLATFORM -> e.with(new Platform(dock(v.lengthCm() / 3), dock(v.widthCm() / 2)));
      case LAND -> e.with(new Land(LAND_PERCENT, top, Math.min(top, v.lengthCm() * 0.2)));
      default -> e;
    };
  }

  private static double dock(double roomCm) {
    return Math.max(1, Math.min(DOCK_CM, roomCm));
  }

  private static List<Equipment> equipment(Form form, LocalDate today) {
    Optional<LocalDate> running =
        form.typed("filterWeeks").isBlank()
            ? Optional.empty()
            : Optional.of(today.minusWeeks(form.whole("filterWeeks", 0, MAX_WEEKS, 0)));
    List<Equipment> devices = new ArrayList<>();
    form.optional("filter", DesignField.FILTER.limit())
        .ifPresent(
            flow -> devices.add(new Equipment.Filter(flow, running, form.flag("intakeGuarded"))));
    form.optional("heater", DesignField.HEATER.limit())
        .ifPresent(w -> devices.add(new Equipment.Heater(w, form.flag("heaterGuarded"))));
    if (form.flag("lamp")) {
      devices.add(new Equipment.BaskingLamp(50, OptionalDouble.empty()));
    }
    if (form.flag("uvb")) {
      devices.add(new Equipment.UvbLamp(Optional.empty(), OptionalDouble.empty()));
    }
    return devices;
  }

  private static Optional<Vessel> vessel(Form form) {
    if (!form.typed("tank").equals(OWN)) {
      Optional<Vessel> sold =
          StandardVessel.all().stream()
              .filter(v -> v.name().equals(form.typed("tank")))
              .map(StandardVessel::vessel)
              .findFirst();
      if (sold.isEmpty()) {
        form.refuse("tank", "Please choose one of the list.");
      }
      return sold;
    }
    double length = form.number("ownLength", DesignField.LENGTH.limit());
    double width = form.number("ownWidth", DesignField.WIDTH.limit());
    double height = form.number("ownHeight", DesignField.HEIGHT.limit());
    return form.hasErrors() ? Optional.empty() : Optional.of(new Vessel(length, width, height));
  }
}
