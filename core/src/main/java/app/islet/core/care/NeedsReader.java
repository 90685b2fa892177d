package app.islet.core.care;

import app.islet.core.quantity.Range;
import app.islet.core.text.Fields;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;

/** Reads what an animal of one stage needs, group by group. */
final class NeedsReader {
  private NeedsReader() {}

  static Needs read(Fields f) {
    return new Needs(
        f.optionalGroup("water", NeedsReader::temperature),
        f.optionalGroup("air", NeedsReader::temperature),
        f.optionalGroup("humidity", NeedsReader::humidity),
        f.optionalGroup("chemistry", NeedsReader::chemistry),
        f.optionalGroup("oxygen", NeedsReader::oxygen),
        f.optionalGroup("depth", NeedsReader::depth),
        f.group("space", NeedsReader::space),
        f.group("land", NeedsReader::land),
        f.optionalGroup("basking", NeedsReader::basking),
        f.optionalGroup("uv", NeedsReader::uv),
        f.optionalGroup("daylight", NeedsReader::daylight),
        f.optionalGroup("rest", NeedsReader::rest),
        f.optionalGroup("salinity", NeedsReader::salinity),
        f.optionalGroup("pools", NeedsReader::pools),
        f.group("shelter", NeedsReader::shelter),
        f.group("moves", NeedsReader::locomotion),
        f.group("escape", NeedsReader::escape),
        f.group("ground", NeedsReader::ground),
        f.group("company", NeedsReader::company),
        f.optionalGroup("filter", NeedsReader::filtration),
        f.optionalChoice("cooling", Needs.Cooling.class),
        f.optionalChoice("planting", Needs.Planting.class),
        f.optionalChoice("dock", Needs.Dock.class),
        f.choice("heater", Needs.Heater.class));
  }

  private static Needs.Humidity humidity(Fields h) {
    return new Needs.Humidity(
        h.range("percent", 0, 100, "%"),
        h.range("tolerated", 0, 100, "%"),
        CareSheetReader.basis(h));
  }

  private static Needs.Chemistry chemistry(Fields c) {
    return new Needs.Chemistry(
        c.range("ph", 3, 11, ""),
        c.optionalRange("hardnessDh", 0, 60, "°dH"),
        c.flag("onlySpring", false),
        CareSheetReader.basis(c));
  }

  private static Needs.Oxygen oxygen(Fields o) {
    return new Needs.Oxygen(
        o.number("leastMgPerL", 0, 15, "mg/L"), o.flag("gills", false), CareSheetReader.basis(o));
  }

  private static Needs.Basking basking(Fields b) {
    return new Needs.Basking(
        b.range("spotC", 0, 60, "°C"),
        b.number("hoursPerDay", 0, 24, "h"),
        CareSheetReader.basis(b));
  }

  private static Needs.Uv uv(Fields u) {
    return new Needs.Uv(
        UvZone.of(u.whole("zone", 1, 4, "")),
        u.group(
            "tube",
            t -> new Needs.Tube(t.whole("months", 1, 36, "months"), CareSheetReader.basis(t))),
        CareSheetReader.basis(u));
  }

  private static Needs.Daylight daylight(Fields d) {
    return new Needs.Daylight(
        d.range("hours", 0, 24, "h"), d.flag("dim", false), CareSheetReader.basis(d));
  }

  private static Needs.Rest rest(Fields x) {
    return new Needs.Rest(
        x.range("weeks", 1, 30, "weeks"),
        x.range("coolC", 0, 20, "°C"),
        x.number("hours", 0, 14, "h"),
        x.whole("checkDays", 1, 60, "days", 7),
        x.flag("needed", true),
        CareSheetReader.basis(x));
  }

  private static Needs.Salinity salinity(Fields x) {
    Range ideal = x.range("ppt", 0, 45, "g/kg");
    return new Needs.Salinity(
        ideal, x.optionalRange("tolerated", 0, 45, "g/kg").orElse(ideal), CareSheetReader.basis(x));
  }

  private static Needs.Pools pools(Fields p) {
    return new Needs.Pools(
        p.flag("fresh", false),
        p.flag("salt", false),
        p.number("depthCm", 0, 50, "cm"),
        CareSheetReader.basis(p));
  }

  private static Needs.Shelter shelter(Fields x) {
    return new Needs.Shelter(
        x.number("hidesPerAnimal", 0, 10, ""),
        x.flag("rests", false),
        x.whole("waysOut", 0, 20, ""),
        x.whole("spareShells", 0, 20, "", 0),
        CareSheetReader.basis(x));
  }

  private static Needs.Escape escape(Fields e) {
    return new Needs.Escape(
        e.number("freeboardCm", 0, 200, "cm"), e.flag("lid", false), CareSheetReader.basis(e));
  }

  private static Needs.Substrate ground(Fields g) {
    return new Needs.Substrate(
        Set.copyOf(g.choices("never", SubstrateMaterial.class)),
        g.text("why", 300),
        g.optionalNumber("depthCm", 0, 200, "cm"),
        CareSheetReader.basis(g));
  }

  private static Needs.Filtration filtration(Fields x) {
    return new Needs.Filtration(
        x.range("turnoverPerHour", 0, 20, "volumes an hour"),
        x.group(
            "startUp",
            u -> new Needs.FilterCycle(u.whole("days", 0, 365, "days"), CareSheetReader.basis(u))),
        CareSheetReader.basis(x));
  }

  private static Needs.Temperature temperature(Fields f) {
    Range harm = f.range("harm", -5, 60, "°C");
    return new Needs.Temperature(
        f.range("ideal", -2, 50, "°C"),
        f.range("tolerated", -2, 50, "°C"),
        harm,
        f.optionalGroup(
                "stands",
                x ->
                    new Needs.Stands(
                        x.number("days", 0, 365, "days"),
                        x.number("harmHours", 0, 1000, "h"),
                        CareSheetReader.basis(x)))
            .orElseGet(() -> Needs.Stands.usual(harm)),
        f.optionalGroup(
            "night", x -> new Needs.Night(x.range("dropK", 0, 20, "K"), CareSheetReader.basis(x))),
        CareSheetReader.basis(f));
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
        CareSheetReader.basis(f));
  }

  private static Needs.Depth depth(Fields f) {
    double min = f.number("minCm", 0, 500, "cm");
    double bare = f.number("bareMaxCm", 0, 500, "cm");
    return new Needs.Depth(
        min,
        bare,
        f.optionalNumber("maxCm", 0, 500, "cm").orElse(bare),
        f.optionalNumber("restWithinCm", 0, 100, "cm").orElse(0),
        f.flag("drowns", false),
        CareSheetReader.basis(f));
  }

  private static Needs.Space space(Fields f) {
    double floor = f.number("floorCm2", 1, 500_000, "cm²");
    return new Needs.Space(
        floor,
        f.optionalNumber("furtherFloorCm2", 0, 500_000, "cm²").orElse(floor),
        f.optionalNumber("waterL", 0, 20_000, "L"),
        f.optionalNumber("furtherWaterL", 0, 20_000, "L"),
        f.optionalNumber("waterLPerCm", 0, 1000, "L/cm"),
        f.whole("animals", 1, 1000, "", 1),
        f.optionalNumber("airHeightCm", 0, 500, "cm"),
        f.group(
            "ahead",
            a -> new Needs.Ahead(a.whole("months", 0, 60, "months"), CareSheetReader.basis(a))),
        f.flag("heightCounts", false),
        f.optionalNumber("leastPercent", 10, 100, "%").orElse(100 * Needs.Space.USUAL_LEAST) / 100,
        CareSheetReader.basis(f));
  }

  private static Needs.Land land(Fields f) {
    return new Needs.Land(
        f.range("sharePercent", 0, 100, "%"),
        f.optionalNumber("minDepthCm", 0, 200, "cm").orElse(0),
        f.optionalNumber("eggDepthCm", 0, 200, "cm").orElse(0),
        f.optionalNumber("eggFromCm", 0, 200, "cm").orElse(0),
        f.flag("necessary", false),
        CareSheetReader.basis(f));
  }

  private static Needs.Group company(Fields f) {
    return new Needs.Group(
        f.whole("least", 1, 1000, "", 1),
        f.whole("most", 1, 1000, "", 1000),
        f.optionalNumber("femalesPerMale", 0, 50, "").orElse(0),
        f.flag("malesFight", false),
        f.flag("pairsApart", false),
        f.optionalNumber("sizeRatio", 0, 1, "").orElse(0),
        f.optionalChoice("temper", Temperament.class).orElse(Temperament.CALM),
        CareSheetReader.basis(f));
  }
}
