package app.islet.core.care;

import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Reads a care sheet from its YAML text. */
public final class CareSheetReader {
  /** Longest statement of what a number rests on, characters. */
  static final int MAX_BASIS = 300;

  private CareSheetReader() {}

  /**
   * @throws app.islet.core.text.UnreadableException naming file, line, field and what would be
   *     right
   */
  public static CareSheet read(String fileName, String yaml) {
    Node root = Node.yaml(fileName, yaml);
    Map<String, Node> fields = new LinkedHashMap<>(root.fields());
    Node schools = fields.remove("schools");
    Node usual = root.fields().isEmpty() ? root : new Node(fields, root.line());
    List<CareSheet> others =
        schools == null
            ? List.of()
            : schools.items().stream()
                .map(school -> sheet(fileName, as(school, usual), List.of()))
                .toList();
    return sheet(fileName, usual, others);
  }

  private static CareSheet sheet(String fileName, Node root, List<CareSheet> others) {
    return Fields.of(fileName, root).whole(f -> sheet(f, others));
  }

  /**
   * The sheet as one school keeps the species: its own name and reason, its stages laid over the
   * usual ones.
   */
  private static Node as(Node school, Node usual) {
    Map<String, Node> own = new LinkedHashMap<>(school.fields());
    Node changes = own.remove("stages");
    Map<String, Node> left = new LinkedHashMap<>(changes == null ? Map.of() : changes.fields());
    Map<String, Node> fields = new LinkedHashMap<>(usual.fields());
    fields.put("school", new Node(own, school.line()));
    Node stages = fields.get("stages");
    if (stages != null) {
      List<Node> laid = new ArrayList<>();
      for (Node stage : stages.items()) {
        Node id = stage.fields().get("id");
        Node over = id == null ? null : left.remove(String.valueOf(id.value()));
        laid.add(over == null ? stage : stage.under(over));
      }
      // A stage the species does not have goes on the end, where it is refused as incomplete.
      laid.addAll(left.values());
      fields.put("stages", new Node(laid, stages.line()));
    }
    return new Node(fields, usual.line());
  }

  private static CareSheet sheet(Fields f, List<CareSheet> others) {
    return new CareSheet(
        f.text("id", 60),
        f.optionalText("basedOn", 60),
        f.text("name", 60),
        f.text("plural", 60),
        f.text("scientificName", 80),
        f.choice("group", AnimalGroup.class),
        f.group("school", s -> new School(s.text("name", 60), s.text("reason", 300))),
        f.group("lifespan", l -> new Lifespan(l.range("years", 0, 150, "years"), basis(l))),
        f.group("body", CareSheetReader::body),
        f.group(
            "growth",
            g ->
                new Growth(
                    g.number("asymptoteCm", 0.2, 300, "cm"),
                    g.number("perYear", 0.01, 50, "1/year"),
                    basis(g))),
        f.groups("stages", 12, CareSheetReader::stage),
        f.group(
            "people",
            p ->
                new HumanSafety(
                    p.text("handling", 300),
                    Set.copyOf(p.choices("hazards", Hazard.class)),
                    basis(p))),
        f.groups("law", 12, CareSheetReader::law),
        f.texts("mistakes", 300),
        others);
  }

  private static Body body(Fields f) {
    return new Body(
        f.number("adultLengthCm", 0.2, 300, "cm"),
        f.number("massAt10Cm", 1, 2000, "g"),
        f.number("mouthShare", 0, 1, ""),
        f.number("headShare", 0, 1, ""),
        f.number("widthShare", 0.05, 2, ""),
        f.number("heightShare", 0.02, 2, ""),
        basis(f));
  }

  private static LawNote law(Fields f) {
    return new LawNote(
        f.choice("kind", LawNote.Kind.class),
        f.text("text", 300),
        f.optionalNumber("belowCm", 0.1, 300, "cm"),
        basis(f));
  }

  private static Stage stage(Fields f) {
    return new Stage(
        f.text("id", 40),
        f.text("name", 40),
        recognised(f),
        f.choice("life", Habitat.class),
        f.flag("adult", false),
        needs(f),
        f.groups("foods", 20, CareSheetReader::food),
        f.texts("neverFoods", 120),
        f.groups(
            "supplements", 10, x -> new Supplement(x.text("name", 80), recurrence(x), basis(x))),
        f.group(
            "upkeep",
            u ->
                new MaintenanceSchedule(
                    u.whole("spotCleanDays", 1, 60, "days"),
                    u.number("changePercent", 1, 100, "%"),
                    u.whole("changeDays", 1, 365, "days"),
                    u.whole("rinseDays", 0, 365, "days"),
                    u.whole("testDays", 0, 365, "days"),
                    u.optionalNumber("largePercent", 1, 100, "%"),
                    u.whole("largeDays", 0, 365, "days", 0),
                    u.whole("newMediaDays", 0, 365, "days", 0),
                    u.whole("bathDays", 0, 365, "days", 0),
                    basis(u))));
  }

  private static Stage.Recognised recognised(Fields f) {
    Stage.Recognised recognised =
        f.group(
            "recognised",
            r ->
                new Stage.Recognised(
                    r.number("fromLengthCm", 0, 300, "cm"),
                    r.optionalRange("ageMonths", 0, 1200, "months"),
                    r.text("signs", 300),
                    basis(r)));
    // The sheet asks its stages for their lengths before anybody asks it for its problems.
    return recognised == null
        ? new Stage.Recognised(0, Optional.empty(), "", Evidence.MEMORY)
        : recognised;
  }

  private static Needs needs(Fields f) {
    return new Needs(
        f.optionalGroup("water", CareSheetReader::temperature),
        f.optionalGroup("air", CareSheetReader::temperature),
        f.optionalGroup("humidity", CareSheetReader::humidity),
        f.optionalGroup("chemistry", CareSheetReader::chemistry),
        f.optionalGroup("oxygen", CareSheetReader::oxygen),
        f.optionalGroup("depth", CareSheetReader::depth),
        f.group("space", CareSheetReader::space),
        f.group("land", CareSheetReader::land),
        f.optionalGroup("basking", CareSheetReader::basking),
        f.optionalGroup("uv", CareSheetReader::uv),
        f.optionalGroup("daylight", CareSheetReader::daylight),
        f.optionalGroup("rest", CareSheetReader::rest),
        f.optionalGroup("salinity", CareSheetReader::salinity),
        f.optionalGroup("pools", CareSheetReader::pools),
        f.group("shelter", CareSheetReader::shelter),
        f.group("moves", CareSheetReader::locomotion),
        f.group("escape", CareSheetReader::escape),
        f.group("ground", CareSheetReader::ground),
        f.group("company", CareSheetReader::company),
        f.optionalGroup("filter", CareSheetReader::filtration),
        f.optionalChoice("cooling", Needs.Cooling.class),
        f.optionalChoice("planting", Needs.Planting.class),
        f.optionalChoice("dock", Needs.Dock.class),
        f.choice("heater", Needs.Heater.class));
  }

  private static Needs.Humidity humidity(Fields h) {
    return new Needs.Humidity(
        h.range("percent", 0, 100, "%"), h.range("tolerated", 0, 100, "%"), basis(h));
  }

  private static Needs.Chemistry chemistry(Fields c) {
    return new Needs.Chemistry(
        c.range("ph", 3, 11, ""),
        c.optionalRange("hardnessDh", 0, 60, "°dH"),
        c.flag("onlySpring", false),
        basis(c));
  }

  private static Needs.Oxygen oxygen(Fields o) {
    return new Needs.Oxygen(
        o.number("leastMgPerL", 0, 15, "mg/L"), o.flag("gills", false), basis(o));
  }

  private static Needs.Basking basking(Fields b) {
    return new Needs.Basking(
        b.range("spotC", 0, 60, "°C"), b.number("hoursPerDay", 0, 24, "h"), basis(b));
  }

  private static Needs.Uv uv(Fields u) {
    return new Needs.Uv(
        UvZone.of(u.whole("zone", 1, 4, "")),
        u.group("tube", t -> new Needs.Tube(t.whole("months", 1, 36, "months"), basis(t))),
        basis(u));
  }

  private static Needs.Daylight daylight(Fields d) {
    return new Needs.Daylight(d.range("hours", 0, 24, "h"), d.flag("dim", false), basis(d));
  }

  private static Needs.Rest rest(Fields x) {
    return new Needs.Rest(
        x.range("weeks", 1, 30, "weeks"),
        x.range("coolC", 0, 20, "°C"),
        x.number("hours", 0, 14, "h"),
        basis(x));
  }

  private static Needs.Salinity salinity(Fields x) {
    return new Needs.Salinity(x.range("ppt", 0, 45, "g/kg"), basis(x));
  }

  private static Needs.Pools pools(Fields p) {
    return new Needs.Pools(
        p.flag("fresh", false), p.flag("salt", false), p.number("depthCm", 0, 50, "cm"), basis(p));
  }

  private static Needs.Shelter shelter(Fields x) {
    return new Needs.Shelter(
        x.number("hidesPerAnimal", 0, 10, ""),
        x.flag("rests", false),
        x.whole("waysOut", 0, 20, ""),
        basis(x));
  }

  private static Needs.Escape escape(Fields e) {
    return new Needs.Escape(e.number("freeboardCm", 0, 200, "cm"), e.flag("lid", false), basis(e));
  }

  private static Needs.Substrate ground(Fields g) {
    return new Needs.Substrate(
        Set.copyOf(g.choices("never", SubstrateMaterial.class)), g.text("why", 300), basis(g));
  }

  private static Needs.Filtration filtration(Fields x) {
    return new Needs.Filtration(
        x.range("turnoverPerHour", 0, 20, "volumes an hour"),
        x.group("startUp", u -> new Needs.FilterCycle(u.whole("days", 0, 365, "days"), basis(u))),
        basis(x));
  }

  private static Needs.Temperature temperature(Fields f) {
    return new Needs.Temperature(
        f.range("ideal", -2, 50, "°C"),
        f.range("tolerated", -2, 50, "°C"),
        f.range("harm", -5, 60, "°C"),
        f.group(
            "stands",
            x ->
                new Needs.Stands(
                    x.number("days", 0, 365, "days"),
                    x.number("harmHours", 0, 1000, "h"),
                    basis(x))),
        f.optionalGroup("night", x -> new Needs.Night(x.range("dropK", 0, 20, "K"), basis(x))),
        basis(f));
  }

  private static Locomotion locomotion(Fields f) {
    Map<Surface, Double> slopes =
        f.group(
            "slopeDeg",
            x -> {
              Map<Surface, Double> map = new EnumMap<>(Surface.class);
              for (Surface surface : Surface.values()) {
                map.put(surface, x.number(Fields.written(surface), 0, 90, "°"));
              }
              return map;
            });
    return new Locomotion(
        slopes == null ? Map.of() : slopes,
        f.number("stepShare", 0, 5, ""),
        f.number("jumpShare", 0, 20, ""),
        f.number("underMinutes", 0, 10_000, "minutes"),
        f.number("currentCmS", 0, 200, "cm/s"),
        basis(f));
  }

  private static Needs.Depth depth(Fields f) {
    double min = f.number("minCm", 0, 500, "cm");
    double bare = f.number("bareMaxCm", 0, 500, "cm");
    return new Needs.Depth(
        min,
        bare,
        f.optionalNumber("maxCm", 0, 500, "cm").orElse(500),
        f.optionalNumber("restWithinCm", 0, 100, "cm").orElse(0),
        f.flag("drowns", false),
        basis(f));
  }

  private static Needs.Space space(Fields f) {
    double floor = f.number("floorCm2", 1, 500_000, "cm²");
    return new Needs.Space(
        floor,
        f.optionalNumber("furtherFloorCm2", 0, 500_000, "cm²").orElse(floor),
        f.optionalNumber("waterL", 0, 20_000, "L"),
        f.optionalNumber("furtherWaterL", 0, 20_000, "L"),
        f.optionalNumber("waterLPerCm", 0, 1000, "L/cm"),
        f.group("ahead", a -> new Needs.Ahead(a.whole("months", 0, 60, "months"), basis(a))),
        f.flag("heightCounts", false),
        basis(f));
  }

  private static Needs.Land land(Fields f) {
    return new Needs.Land(
        f.range("sharePercent", 0, 100, "%"),
        f.optionalNumber("minDepthCm", 0, 200, "cm").orElse(0),
        f.optionalNumber("eggDepthCm", 0, 200, "cm").orElse(0),
        f.optionalNumber("eggFromCm", 0, 200, "cm").orElse(0),
        f.flag("necessary", false),
        basis(f));
  }

  private static Needs.Group company(Fields f) {
    return new Needs.Group(
        f.whole("least", 1, 1000, "", 1),
        f.whole("most", 1, 1000, "", 1000),
        f.optionalNumber("femalesPerMale", 0, 50, "").orElse(0),
        f.flag("malesFight", false),
        f.optionalNumber("sizeRatio", 0, 1, "").orElse(0),
        f.optionalChoice("temper", Temperament.class).orElse(Temperament.CALM),
        basis(f));
  }

  private static Food food(Fields f) {
    OptionalDouble pieces = f.optionalNumber("pieces", 0.1, 10_000, "pieces");
    OptionalDouble mass = f.optionalNumber("bodyMassPercent", 0.01, 100, "%");
    return new Food(
        f.text("name", 80),
        pieces,
        mass,
        f.optionalText("unit", 80).orElse("piece"),
        f.number("proteinPercent", 0, 100, "%"),
        f.optionalNumber("gramsPerPiece", 0, 1000, "g"),
        recurrence(f),
        f.optionalText("note", 200).orElse(""),
        basis(f));
  }

  private static Recurrence recurrence(Fields f) {
    Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
    for (String name : f.texts("weekdays", 3)) {
      int at = List.of("mon", "tue", "wed", "thu", "fri", "sat", "sun").indexOf(name);
      if (at < 0) {
        f.problem(
            "weekdays", "\"%s\" is not one of mon, tue, wed, thu, fri, sat, sun".formatted(name));
      } else {
        days.add(DayOfWeek.of(at + 1));
      }
    }
    int perDay = f.whole("timesADay", 1, 6, "times", 1);
    int every = days.isEmpty() ? f.whole("everyDays", 1, 60, "days", 1) : 0;
    return new Recurrence(days, every, perDay);
  }

  static Evidence basis(Fields f) {
    Optional<String> text = f.optionalText("basis", MAX_BASIS);
    if (text.isEmpty()) {
      f.problem("basis", "this is missing: practice, memory, published: SOURCE or keeper: REASON");
      return Evidence.MEMORY;
    }
    try {
      return Evidence.of(text.get());
    } catch (IllegalArgumentException e) {
      f.problem("basis", e.getMessage());
      return Evidence.MEMORY;
    }
  }
}
