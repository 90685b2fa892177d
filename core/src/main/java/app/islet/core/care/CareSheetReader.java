package app.islet.core.care;

import app.islet.core.quantity.Range;
import app.islet.core.text.Fields;
import app.islet.core.text.Node;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Reads a care sheet from its YAML text. */
public final class CareSheetReader {
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
                f.text("name", 60),
                f.text("plural", 60),
                f.text("scientificName", 80),
                f.choice("group", AnimalGroup.class),
                f.group("school", s -> new School(s.text("name", 60), s.text("reason", 300))),
                f.range("lifespanYears", 0, 150, "years"),
                f.number("adultLengthCm", 0.2, 300, "cm"),
                f.number("massAt10Cm", 1, 2000, "g"),
                f.number("mouthShare", 0, 1, ""),
                f.number("bodyWidthShare", 0.05, 2, ""),
                f.group(
                        "growth",
                        g ->
                                new Growth(
                                        g.number("asymptoteCm", 0.2, 300, "cm"),
                                        g.number("perYear", 0.01, 50, "1/year"),
                                        basis(g))),
                f.groups("stages", 12, CareSheetReader::stage),
                f.texts("cautions", 300),
                others);
    }

    private static Stage stage(Fields f) {
        return new Stage(
                f.text("id", 40),
                f.text("name", 40),
                f.number("fromLengthCm", 0, 300, "cm"),
                f.choice("life", Life.class),
                f.flag("adult", false),
                f.text("signs", 300),
                needs(f),
                f.groups("foods", 20, CareSheetReader::food),
                f.texts("neverFoods", 120),
                f.group(
                        "upkeep",
                        u ->
                                new Upkeep(
                                        u.whole("spotCleanDays", 1, 60, "days"),
                                        u.number("changePercent", 1, 100, "%"),
                                        u.whole("changeDays", 1, 365, "days"),
                                        u.whole("rinseDays", 0, 365, "days"),
                                        u.whole("testDays", 0, 365, "days"),
                                        basis(u))));
    }

    private static Needs needs(Fields f) {
        return new Needs(
                f.optionalGroup("water", CareSheetReader::temperature),
                f.optionalGroup("air", CareSheetReader::temperature),
                f.optionalGroup("depth", CareSheetReader::depth),
                f.group("space", CareSheetReader::space),
                f.group("land", CareSheetReader::land),
                f.optionalGroup(
                        "basking",
                        b ->
                                new Needs.Basking(
                                        b.range("spotC", 0, 60, "°C"),
                                        b.number("hoursPerDay", 0, 24, "h"),
                                        basis(b))),
                f.optionalGroup(
                        "uv",
                        u ->
                                new Needs.Uv(
                                        u.whole("zone", 1, 4, ""),
                                        u.range("uvi", 0, 15, ""),
                                        basis(u))),
                f.optionalGroup(
                        "salinity",
                        x -> new Needs.Salinity(x.range("ppt", 0, 45, "g/kg"), basis(x))),
                f.group(
                        "escape",
                        e ->
                                new Needs.Escape(
                                        e.number("freeboardCm", 0, 200, "cm"),
                                        e.flag("lid", false),
                                        basis(e))),
                f.group(
                        "ground",
                        g ->
                                new Needs.Ground(
                                        Set.copyOf(g.choices("never", GroundMaterial.class)),
                                        g.text("why", 300),
                                        basis(g))),
                f.group("company", CareSheetReader::company),
                f.optionalGroup(
                        "filter",
                        x ->
                                new Needs.Filtration(
                                        x.range("turnoverPerHour", 0, 20, "volumes an hour"),
                                        basis(x))),
                f.choice("heater", Needs.Heater.class));
    }

    private static Needs.Temperature temperature(Fields f) {
        Range ideal = f.range("ideal", -2, 50, "°C");
        Range tolerated = f.range("tolerated", -2, 50, "°C");
        Range harm = f.range("harm", -5, 60, "°C");
        if (ideal.min() < tolerated.min()
                || ideal.max() > tolerated.max()
                || tolerated.min() < harm.min()
                || tolerated.max() > harm.max()) {
            f.problem(
                    "the ideal range must lie within the tolerated one, and that within the one beyond which harm begins");
        }
        return new Needs.Temperature(ideal, tolerated, harm, basis(f));
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
                basis(f));
    }

    private static Needs.Land land(Fields f) {
        return new Needs.Land(
                f.range("sharePercent", 0, 100, "%"),
                f.optionalNumber("maxSlopeDeg", 0, 90, "°").orElse(90),
                f.optionalNumber("minDepthCm", 0, 200, "cm").orElse(0),
                f.optionalNumber("eggDepthCm", 0, 200, "cm").orElse(0),
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
                rhythm(f),
                f.optionalText("note", 200).orElse(""),
                basis(f));
    }

    private static Rhythm rhythm(Fields f) {
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        for (String name : f.texts("weekdays", 3)) {
            int at = List.of("mon", "tue", "wed", "thu", "fri", "sat", "sun").indexOf(name);
            if (at < 0) {
                f.problem(
                        "weekdays",
                        "\"%s\" is not one of mon, tue, wed, thu, fri, sat, sun".formatted(name));
            } else {
                days.add(DayOfWeek.of(at + 1));
            }
        }
        int perDay = f.whole("timesADay", 1, 6, "times", 1);
        int every = days.isEmpty() ? f.whole("everyDays", 1, 60, "days", 1) : 0;
        return new Rhythm(days, every, perDay);
    }

    private static Basis basis(Fields f) {
        Optional<String> text = f.optionalText("basis", 300);
        if (text.isEmpty()) {
            f.problem("basis", "this is missing: practice, memory or published: SOURCE");
            return Basis.MEMORY;
        }
        try {
            return Basis.of(text.get());
        } catch (IllegalArgumentException e) {
            f.problem("basis", e.getMessage());
            return Basis.MEMORY;
        }
    }
}
