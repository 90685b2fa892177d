package app.islet.core.document;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Keeping;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.CompanyKind;
import app.islet.core.care.FoodItem;
import app.islet.core.care.Medicine;
import app.islet.core.care.Stage;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Additives;
import app.islet.core.enclosure.Calibration;
import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.Companion;
import app.islet.core.enclosure.Conditions;
import app.islet.core.enclosure.DesignLimits;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Handling;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Lighting;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Purpose;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.SourceWater;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.core.enclosure.Walls;
import app.islet.core.enclosure.Water;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Reads an enclosure document. Whatever is not as docs/format.md says is refused with its place.
 */
public final class DocumentReader {
  private static Optional<Lighting.Ramp> ramp(Fields c) {
    OptionalDouble winter = c.optionalNumber("winterLightHours", DesignLimits.LIGHT_HOURS);
    OptionalDouble summer = c.optionalNumber("summerLightHours", DesignLimits.LIGHT_HOURS);
    if (winter.isPresent() != summer.isPresent()) {
      throw new IllegalArgumentException(
          "winterLightHours and summerLightHours are given both, or neither");
    }
    return winter.isPresent()
        ? Optional.of(new Lighting.Ramp(winter.getAsDouble(), summer.getAsDouble()))
        : Optional.empty();
  }

  private static SourceWater sourceWater(Fields f) {
    return new SourceWater(
        f.optionalNumber("nitrateMgPerL", 0, 500, "mg/L"),
        f.optionalNumber("ph", DesignLimits.PH),
        f.optionalNumber("hardnessDh", DesignLimits.HARDNESS),
        f.optionalNumber("carbonateDh", DesignLimits.HARDNESS));
  }

  private static Handling.Conditioner conditioner(Fields f) {
    return new Handling.Conditioner(
        f.number("ml", 0.01, 1000, "mL"),
        f.number("litres", 0.1, 100_000, "L"),
        f.flag("chloramine", false));
  }

  private static final int MAX_CHARACTERS = 1_000_000;
  private static final int MAX_DEVICES = 50;
  public static final int MAX_COMPANY = 20;
  private static final int MAX_RESIDENTS = 200;
  private static final int MAX_LAYERS = 10;
  private static final int MAX_POINTS = 50;

  private final CareLibrary library;

  public DocumentReader(CareLibrary library) {
    this.library = library;
  }

  /**
   * @throws app.islet.core.text.UnreadableException with every problem, its line and field
   */
  public EnclosureDocument read(String fileName, String json) {
    if (json.length() > MAX_CHARACTERS) {
      throw new UnreadableException(
          fileName,
          List.of(
              new Problem(
                  "",
                  1,
                  "the file is longer than %d characters, more than any design has"
                      .formatted(MAX_CHARACTERS))));
    }
    return Fields.of(fileName, Node.json(fileName, json)).whole(this::document);
  }

  private EnclosureDocument document(Fields f) {
    String kind = f.text("islet", 40);
    double version = f.number("version", 0, 1e6, "");
    if (!kind.equals("enclosure")) {
      f.problem(
          "islet", "this says \"%s\"; an enclosure document says \"enclosure\"".formatted(kind));
    }
    if (version != EnclosureDocument.VERSION) {
      f.problem(
          "version",
          "version %s is not known here; this Islet reads version %d"
              .formatted(
                  BigDecimal.valueOf(version).stripTrailingZeros().toPlainString(),
                  EnclosureDocument.VERSION));
      f.refuseIfProblems();
    }
    return new EnclosureDocument(
        enclosure(f), f.groups("residents", MAX_RESIDENTS, this::resident));
  }

  private Enclosure enclosure(Fields f) {
    String name = f.text("name", 80);
    Vessel vessel = f.group("vessel", DocumentReader::vessel);
    Water water = f.group("water", DocumentReader::water);
    Substrate ground = f.group("ground", DocumentReader::ground);
    Optional<Land> land = f.optionalGroup("land", DocumentReader::land);
    Lid lid = f.choice("lid", Lid.class);
    Optional<Platform> platform = f.optionalGroup("platform", DocumentReader::platform);
    List<Equipment> equipment = f.groups("equipment", MAX_DEVICES, EquipmentReader::device);
    Optional<Furnishings> furnishings = f.optionalGroup("furnishings", FurnishingsReader::read);
    Optional<Conditions> conditions = f.optionalGroup("conditions", DocumentReader::conditions);
    Optional<Site> site = f.optionalGroup("site", DocumentReader::site);
    List<Companion> company = f.groups("company", MAX_COMPANY, DocumentReader::companion);
    Purpose purpose = f.optionalChoice("purpose", Purpose.class).orElse(Purpose.HOME);
    f.stopIfProblems();
    return new Enclosure(
        name,
        Objects.requireNonNull(vessel),
        Objects.requireNonNull(water),
        Objects.requireNonNull(ground),
        land,
        lid,
        platform,
        equipment,
        furnishings.orElse(Furnishings.NONE),
        conditions.orElse(Conditions.UNKNOWN),
        site.orElse(Site.LIVING_ROOM),
        company,
        purpose);
  }

  private static Companion companion(Fields f) {
    String id = f.text("kind", 40);
    Optional<CompanyKind> kind = CompanyKind.find(id);
    if (kind.isEmpty()) {
      f.problem(
          "kind",
          "there is no company \"%s\"; there are: %s"
              .formatted(
                  id, FurnishingsReader.ids(CompanyKind.all().stream().map(CompanyKind::id))));
    }
    int count = f.whole("count", 1, 100_000, "", 1);
    OptionalDouble length = f.optionalNumber("lengthCm", 0.05, 100, "cm");
    boolean established = f.flag("established", false);
    f.stopIfProblems();
    return new Companion(kind.orElseThrow(), count, length, established);
  }

  private static Optional<Medicine> medicine(Fields f, String id) {
    Optional<Medicine> medicine = Medicine.find(id);
    if (medicine.isEmpty()) {
      f.problem(
          "medicines",
          "there is no medicine \"%s\"; there are: %s"
              .formatted(id, FurnishingsReader.ids(Medicine.all().stream().map(Medicine::id))));
    }
    return medicine;
  }

  private static Vessel vessel(Fields v) {
    return new Vessel(
        v.optionalChoice("shape", Vessel.Shape.class).orElse(Vessel.Shape.BOX),
        v.number("lengthCm", DesignLimits.VESSEL_SIDE),
        v.number("widthCm", DesignLimits.VESSEL_SIDE),
        v.number("heightCm", DesignLimits.VESSEL_SIDE),
        v.optionalNumber("floorShare", 0.2, 1, "").orElse(1),
        new Walls(
            v.optionalNumber("paneMm", DesignLimits.PANE),
            v.flag("braced", false),
            v.optionalNumber("lipCm", DesignLimits.VESSEL_LIP),
            v.optionalNumber("insulationMm", DesignLimits.INSULATION)));
  }

  private static Water water(Fields w) {
    return new Water(
        w.number("depthCm", DesignLimits.WATER_DEPTH),
        w.optionalNumber("restBelowSurfaceCm", DesignLimits.REST),
        w.optionalNumber("salinityPpt", DesignLimits.SALINITY).orElse(0),
        new Chemistry(
            w.optionalNumber("ph", DesignLimits.PH),
            w.optionalNumber("hardnessDh", DesignLimits.HARDNESS),
            w.optionalChoice("source", WaterSource.class)),
        w.optionalGroup("sourceWater", DocumentReader::sourceWater).orElse(SourceWater.UNKNOWN),
        new Handling(
            w.optionalGroup("conditioner", DocumentReader::conditioner),
            w.optionalChoice("proof", Handling.Proof.class).orElse(Handling.USUAL.proof())),
        new Additives(
            w.optionalChoice("salt", Additives.Salt.class),
            w.optionalNumber("copperMgPerL", 0, 100, "mg/L"),
            w.texts("medicines", 40).stream().flatMap(id -> medicine(w, id).stream()).toList()));
  }

  private static Substrate ground(Fields g) {
    return new Substrate(
        g.choice("material", SubstrateMaterial.class),
        g.number("depthCm", DesignLimits.GROUND_DEPTH),
        g.optionalNumber("grainMm", DesignLimits.GRAIN),
        g.groups(
            "below",
            MAX_LAYERS,
            l ->
                new Substrate.Layer(
                    l.choice("material", SubstrateMaterial.class),
                    l.number("thicknessCm", DesignLimits.LAYER))),
        g.groups(
            "points",
            MAX_POINTS,
            p ->
                new Substrate.Point(
                    p.number("xCm", DesignLimits.GROUND_X),
                    p.number("riseCm", DesignLimits.GROUND_RISE))),
        g.flag("magnetTested", false));
  }

  private static Land land(Fields l) {
    return new Land(
        l.number("sharePercent", 1, 100, "%"),
        l.number("heightCm", DesignLimits.LAND_HEIGHT),
        l.number("rampCm", DesignLimits.LAND_RAMP),
        l.optionalChoice("material", SubstrateMaterial.class),
        l.flag("litter", false));
  }

  private static Platform platform(Fields p) {
    return new Platform(
        p.number("lengthCm", DesignLimits.PLATFORM_SIDE),
        p.number("widthCm", DesignLimits.PLATFORM_SIDE));
  }

  private static Conditions conditions(Fields c) {
    return new Conditions(
        c.optionalNumber("humidityPercent", DesignLimits.HUMIDITY),
        c.optionalNumber("lightHours", DesignLimits.LIGHT_HOURS),
        c.optionalNumber("lidGapCm", DesignLimits.LID_GAP),
        new Lighting(
            c.optionalNumber("lightsOnHour", 0, 24, "h").orElse(Lighting.USUAL.onHour()),
            c.flag("seasonalLight", false),
            ramp(c)),
        new Calibration(factor(c, "lossFactor"), factor(c, "evaporationFactor")));
  }

  private static Optional<FoodItem> food(Fields f, String id) {
    Optional<FoodItem> food = FoodItem.find(id);
    if (food.isEmpty()) {
      f.problem(
          "alsoFed",
          "there is no food \"%s\"; there are: %s"
              .formatted(id, FurnishingsReader.ids(FoodItem.all().stream().map(FoodItem::id))));
    }
    return food;
  }

  private static double factor(Fields f, String key) {
    return f.optionalNumber(key, Calibration.MIN, Calibration.MAX, "times").orElse(1);
  }

  private static Site site(Fields f) {
    return new Site(
        f.number("summerDayC", DesignLimits.ROOM_TEMPERATURE),
        f.number("summerNightC", DesignLimits.ROOM_TEMPERATURE),
        f.number("winterDayC", DesignLimits.ROOM_TEMPERATURE),
        f.number("winterNightC", DesignLimits.ROOM_TEMPERATURE),
        f.optionalNumber("humidityPercent", DesignLimits.HUMIDITY)
            .orElse(Site.LIVING_ROOM.humidityPercent()),
        f.optionalFlag("residualCurrentDevice"),
        f.flag("smallChildren", false),
        f.optionalNumber("sunHours", DesignLimits.SUN_HOURS).orElse(0),
        f.optionalNumber("latitude", -90, 90, "°"),
        f.optionalNumber("longitude", -180, 180, "°"),
        f.flag("outdoors", false));
  }

  private Resident resident(Fields f) {
    String species = f.text("species", 60);
    Optional<CareSheet> sheet = library.find(species);
    if (sheet.isEmpty()) {
      f.problem(
          "species",
          "there is no care sheet \"%s\"; there are: %s"
              .formatted(
                  species, String.join(", ", library.all().stream().map(CareSheet::id).toList())));
    }
    Optional<String> stage = f.optionalText("stage", 40);
    if (sheet.isPresent() && stage.isPresent() && sheet.get().stage(stage.get()).isEmpty()) {
      f.problem(
          "stage",
          "\"%s\" is not a stage of %s; its stages are: %s"
              .formatted(
                  stage.get(),
                  species,
                  String.join(", ", sheet.get().stages().stream().map(Stage::id).toList())));
    }
    String name = f.optionalText("name", 60).orElse(sheet.map(CareSheet::name).orElse(species));
    int count = f.whole("count", 1, 1000, "animals", 1);
    int males = f.whole("males", 0, 1000, "animals", 0);
    int females = f.whole("females", 0, 1000, "animals", 0);
    var length = f.optionalNumber("lengthCm", DesignLimits.ANIMAL_LENGTH);
    var smallest = f.optionalNumber("smallestCm", DesignLimits.ANIMAL_LENGTH);
    var mass = f.optionalNumber("massG", DesignLimits.ANIMAL_MASS);
    Optional<String> school = f.optionalText("school", 60);
    if (sheet.isPresent()
        && school.isPresent()
        && !sheet.get().schoolNames().contains(school.get())) {
      f.problem(
          "school",
          "\"%s\" is not a school of %s; its schools are: %s"
              .formatted(school.get(), species, String.join(", ", sheet.get().schoolNames())));
    }
    Optional<LocalDate> arrivedOn = f.optionalDate("arrivedOn");
    List<FoodItem> alsoFed =
        f.texts("alsoFed", 40).stream().flatMap(id -> food(f, id).stream()).toList();
    double ration =
        f.optionalNumber("rationPercent", 100 * Keeping.MIN_RATION, 100 * Keeping.MAX_RATION, "%")
                .orElse(100)
            / 100;
    if (sheet.isEmpty()) {
      throw new IllegalArgumentException("no care sheet");
    }
    return new Resident(
        name,
        sheet.get(),
        new Heads(count, males, females),
        Size.of(length, mass).downTo(smallest),
        new Keeping(stage, school, arrivedOn, alsoFed, ration, Optional.empty()));
  }
}
