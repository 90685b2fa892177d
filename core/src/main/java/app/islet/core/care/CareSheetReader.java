package app.islet.core.care;

import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads a care sheet from its YAML text. */
public final class CareSheetReader {
  /** Of what a hundred small animals share one piece of. */
  private static final double MIN_PIECES = 0.01;

  /** Longest statement of what a number rests on, characters. */
  static final int MAX_BASIS = 300;

  private CareSheetReader() {}

  /**
   * @throws app.islet.core.text.UnreadableException naming file, line, field and what would be
   *     right
   */
  public static CareSheet read(String fileName, String yaml) {
    Node root = Relatives.writtenOut(fileName, Node.yaml(fileName, yaml));
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
        laid.add(over == null ? stage : Relatives.withoutNone(stage.under(over)));
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
        f.optionalGroup("breeding", BreedingReader::read).orElse(Breeding.UNKNOWN),
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
        f.flag("phase", false),
        f.optionalGroup(
            "hatch",
            h ->
                new Stage.Hatch(
                    h.range("atC", 0, 40, "°C"), h.range("days", 0.5, 400, "days"), basis(h))),
        NeedsReader.read(f),
        foods(f),
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

  private static List<Food> foods(Fields f) {
    List<Food> foods = f.groups("foods", 20, CareSheetReader::food);
    List<String> turns =
        foods.stream()
            .filter(food -> food != null && food.turn().often().isPresent())
            .map(food -> food.name().toLowerCase(Locale.ROOT))
            .toList();
    if (turns.size() > Turn.MAX_ON_A_MENU || Set.copyOf(turns).size() < turns.size()) {
      f.problem(
          "foods",
          "at most %d foods take turns, each of another name".formatted(Turn.MAX_ON_A_MENU));
    }
    return foods;
  }

  private static Food food(Fields f) {
    return new Food(
        f.text("name", 80),
        portion(f),
        f.number("proteinPercent", 0, 100, "%"),
        turn(f),
        f.optionalGroup("byLength", CareSheetReader::byLength),
        f.optionalText("note", 200).orElse(""),
        basis(f));
  }

  private static Food.ByLength byLength(Fields f) {
    return new Food.ByLength(
        f.optionalNumber("fromCm", 0, 300, "cm").orElse(0),
        f.optionalNumber("piecesAtEnd", MIN_PIECES, 10_000, "pieces"));
  }

  private static Portion portion(Fields f) {
    return new Portion(
        f.optionalNumber("pieces", MIN_PIECES, 10_000, "pieces"),
        f.optionalNumber("bodyMassPercent", 0.01, 100, "%"),
        f.optionalText("unit", 80).orElse("piece"),
        f.optionalNumber("gramsPerPiece", 0, 1000, "g"));
  }

  /** Days of its own, or a range within which it takes turns. */
  private static Turn turn(Fields f) {
    Role role = f.optionalChoice("role", Role.class).orElse(Role.SECOND);
    Optional<String> text = f.optionalText("often", 40);
    if (text.isEmpty()) {
      return Turn.on(role, recurrence(f));
    }
    Optional<Often> often = Often.of(text.get());
    if (often.isEmpty()) {
      f.problem(
          "often",
          "\"%s\" is not daily, weekly, monthly, 2-3 a week, every 2 days, every 1-2 weeks, every 1-2 months"
              .formatted(text.get()));
    }
    return Turn.of(role, often.orElse(Often.every(1)));
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
    Optional<String> like = f.optionalText("like", 60);
    try {
      Evidence evidence = Evidence.of(text.get());
      return like.map(evidence::sharedWith).orElse(evidence);
    } catch (IllegalArgumentException e) {
      f.problem("basis", e.getMessage());
      return Evidence.MEMORY;
    }
  }
}
