package app.islet.core.document;

import app.islet.core.animal.Resident;
import app.islet.core.care.FoodItem;
import app.islet.core.care.Medicine;
import app.islet.core.enclosure.Additives;
import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.Companion;
import app.islet.core.enclosure.Conditions;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Handling;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lighting;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.SourceWater;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.UvShape;
import app.islet.core.enclosure.Vessel;
import app.islet.core.text.Fields;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes an enclosure document; the fields always come in the same order, so equal designs are
 * equal texts.
 */
public final class DocumentWriter {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private DocumentWriter() {}

  public static String write(EnclosureDocument document) {
    return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(tree(document)) + "\n";
  }

  private static Map<String, Object> tree(EnclosureDocument document) {
    Enclosure e = document.enclosure();
    Map<String, Object> root = new LinkedHashMap<>();
    root.put("islet", "enclosure");
    root.put("version", EnclosureDocument.VERSION);
    root.put("name", e.name());
    if (e.purpose().isHolding()) {
      root.put("purpose", Fields.written(e.purpose()));
    }
    root.put("vessel", vessel(e.vessel()));
    root.put("water", water(e));
    root.put("ground", ground(e.ground()));
    e.land().ifPresent(l -> root.put("land", land(l)));
    root.put("lid", Fields.written(e.lid()));
    e.platform()
        .ifPresent(
            p -> root.put("platform", group("lengthCm", p.lengthCm(), "widthCm", p.widthCm())));
    root.put("equipment", e.equipment().stream().map(DocumentWriter::device).toList());
    if (!e.furnishings().equals(Furnishings.NONE)) {
      root.put("furnishings", FurnishingsWriter.written(e.furnishings()));
    }
    if (!e.conditions().equals(Conditions.UNKNOWN)) {
      root.put("conditions", conditions(e.conditions()));
    }
    root.put("site", site(e.site()));
    if (!e.company().isEmpty()) {
      root.put("company", e.company().stream().map(DocumentWriter::companion).toList());
    }
    root.put("residents", document.residents().stream().map(DocumentWriter::resident).toList());
    return root;
  }

  private static Map<String, Object> water(Enclosure e) {
    Map<String, Object> water = group("depthCm", e.water().depthCm());
    e.water().restBelowSurfaceCm().ifPresent(cm -> water.put("restBelowSurfaceCm", number(cm)));
    if (e.water().salinityPpt() > 0) {
      water.put("salinityPpt", number(e.water().salinityPpt()));
    }
    Chemistry chemistry = e.water().chemistry();
    chemistry.ph().ifPresent(ph -> water.put("ph", number(ph)));
    chemistry.hardnessDh().ifPresent(dh -> water.put("hardnessDh", number(dh)));
    chemistry.source().ifPresent(source -> water.put("source", Fields.written(source)));
    if (!e.water().source().equals(SourceWater.UNKNOWN)) {
      water.put("sourceWater", sourceWater(e.water().source()));
    }
    e.water()
        .handling()
        .conditioner()
        .ifPresent(
            c -> {
              Map<String, Object> label = group("ml", c.ml(), "litres", c.litres());
              if (c.chloramine()) {
                label.put("chloramine", true);
              }
              water.put("conditioner", label);
            });
    if (e.water().handling().proof() != Handling.USUAL.proof()) {
      water.put("proof", Fields.written(e.water().handling().proof()));
    }
    additives(e.water().additives(), water);
    return water;
  }

  private static void additives(Additives in, Map<String, Object> water) {
    in.salt().ifPresent(salt -> water.put("salt", Fields.written(salt)));
    in.copperMgPerL().ifPresent(mg -> water.put("copperMgPerL", number(mg)));
    if (!in.medicines().isEmpty()) {
      water.put("medicines", in.medicines().stream().map(Medicine::id).toList());
    }
  }

  private static Map<String, Object> companion(Companion c) {
    Map<String, Object> map = group("kind", c.kind().id(), "count", c.count());
    c.lengthCm().ifPresent(cm -> map.put("lengthCm", number(cm)));
    if (c.established()) {
      map.put("established", true);
    }
    return map;
  }

  private static Map<String, Object> sourceWater(SourceWater from) {
    Map<String, Object> map = new LinkedHashMap<>();
    from.nitrateMgPerL().ifPresent(n -> map.put("nitrateMgPerL", number(n)));
    from.ph().ifPresent(ph -> map.put("ph", number(ph)));
    from.hardnessDh().ifPresent(dh -> map.put("hardnessDh", number(dh)));
    from.carbonateDh().ifPresent(dh -> map.put("carbonateDh", number(dh)));
    return map;
  }

  private static Map<String, Object> site(Site site) {
    Map<String, Object> map =
        group(
            "summerDayC",
            site.summerDayC(),
            "summerNightC",
            site.summerNightC(),
            "winterDayC",
            site.winterDayC(),
            "winterNightC",
            site.winterNightC(),
            "humidityPercent",
            site.humidityPercent());
    site.residualCurrentDevice().ifPresent(there -> map.put("residualCurrentDevice", there));
    if (site.smallChildren()) {
      map.put("smallChildren", true);
    }
    if (site.sunHours() > 0) {
      map.put("sunHours", number(site.sunHours()));
    }
    site.latitude().ifPresent(deg -> map.put("latitude", number(deg)));
    site.longitude().ifPresent(deg -> map.put("longitude", number(deg)));
    if (site.outdoors()) {
      map.put("outdoors", true);
    }
    return map;
  }

  private static Map<String, Object> vessel(Vessel v) {
    Map<String, Object> map = new LinkedHashMap<>();
    if (v.shape() != Vessel.Shape.BOX) {
      map.put("shape", Fields.written(v.shape()));
    }
    map.putAll(group("lengthCm", v.lengthCm(), "widthCm", v.widthCm(), "heightCm", v.heightCm()));
    if (v.floorShare() < 1) {
      map.put("floorShare", v.floorShare());
    }
    v.walls().paneMm().ifPresent(mm -> map.put("paneMm", number(mm)));
    if (v.walls().braced()) {
      map.put("braced", true);
    }
    v.walls().lipCm().ifPresent(cm -> map.put("lipCm", number(cm)));
    v.walls().insulationMm().ifPresent(mm -> map.put("insulationMm", number(mm)));
    return map;
  }

  private static Map<String, Object> ground(Substrate g) {
    Map<String, Object> map =
        group("material", Fields.written(g.material()), "depthCm", g.depthCm());
    g.grainMm().ifPresent(mm -> map.put("grainMm", number(mm)));
    if (!g.below().isEmpty()) {
      map.put(
          "below",
          g.below().stream()
              .map(
                  l ->
                      group(
                          "material", Fields.written(l.material()), "thicknessCm", l.thicknessCm()))
              .toList());
    }
    if (!g.points().isEmpty()) {
      map.put(
          "points",
          g.points().stream().map(p -> group("xCm", p.xCm(), "riseCm", p.riseCm())).toList());
    }
    if (g.magnetTested()) {
      map.put("magnetTested", true);
    }
    return map;
  }

  private static Map<String, Object> land(Land l) {
    Map<String, Object> map =
        group("sharePercent", l.sharePercent(), "heightCm", l.heightCm(), "rampCm", l.rampCm());
    l.material().ifPresent(material -> map.put("material", Fields.written(material)));
    if (l.litter()) {
      map.put("litter", true);
    }
    return map;
  }

  private static Map<String, Object> conditions(Conditions c) {
    Map<String, Object> map = new LinkedHashMap<>();
    c.humidityPercent().ifPresent(percent -> map.put("humidityPercent", number(percent)));
    c.lightHours().ifPresent(hours -> map.put("lightHours", number(hours)));
    c.lidGapCm().ifPresent(cm -> map.put("lidGapCm", number(cm)));
    if (c.lighting().onHour() != Lighting.USUAL.onHour()) {
      map.put("lightsOnHour", number(c.lighting().onHour()));
    }
    c.lighting()
        .ramp()
        .ifPresent(
            ramp -> {
              map.put("winterLightHours", number(ramp.winterHours()));
              map.put("summerLightHours", number(ramp.summerHours()));
            });
    if (c.lighting().seasonal()) {
      map.put("seasonalLight", true);
    }
    if (c.calibration().lossFactor() != 1) {
      map.put("lossFactor", number(c.calibration().lossFactor()));
    }
    if (c.calibration().evaporationFactor() != 1) {
      map.put("evaporationFactor", number(c.calibration().evaporationFactor()));
    }
    return map;
  }

  private static Map<String, Object> device(Equipment device) {
    if (device instanceof Equipment.Heater heater) {
      return group("kind", "heater", "powerW", heater.powerW(), "guarded", heater.guarded());
    }
    if (device instanceof Equipment.HeatMat mat) {
      return group("kind", "heat-mat", "powerW", mat.powerW());
    }
    if (device instanceof Equipment.Chiller chiller) {
      return group("kind", "chiller", "coolingW", chiller.coolingW());
    }
    if (device instanceof Equipment.Fan fan) {
      return group("kind", "fan", "airSpeedMs", fan.airSpeedMs());
    }
    if (device instanceof Equipment.Filter filter) {
      Map<String, Object> map = group("kind", "filter", "flowLph", filter.flowLph());
      filter.runningSince().ifPresent(day -> map.put("runningSince", day.toString()));
      if (filter.guarded()) {
        map.put("guarded", true);
      }
      if (filter.sprayBar()) {
        map.put("sprayBar", true);
      }
      return map;
    }
    if (device instanceof Equipment.BaskingLamp lamp) {
      Map<String, Object> map = group("kind", "basking-lamp", "powerW", lamp.powerW());
      lamp.spotC().ifPresent(c -> map.put("spotC", number(c)));
      lamp.beamDeg().ifPresent(deg -> map.put("beamDeg", number(deg)));
      lamp.distanceCm().ifPresent(cm -> map.put("distanceCm", number(cm)));
      return map;
    }
    if (device instanceof Equipment.UvbLamp lamp) {
      Map<String, Object> map = group("kind", "uvb-lamp");
      lamp.fittedOn().ifPresent(day -> map.put("fittedOn", day.toString()));
      lamp.distanceCm().ifPresent(cm -> map.put("distanceCm", number(cm)));
      if (lamp.shape() != UvShape.LINEAR) {
        map.put("shape", Fields.written(lamp.shape()));
      }
      lamp.uviAt30Cm().ifPresent(uvi -> map.put("uviAt30Cm", number(uvi)));
      lamp.readUvi().ifPresent(uvi -> map.put("readUvi", number(uvi)));
      lamp.through().ifPresent(lid -> map.put("through", Fields.written(lid)));
      return map;
    }
    return group("kind", "air-stone");
  }

  private static Map<String, Object> resident(Resident r) {
    Map<String, Object> map =
        group(
            "species",
            r.sheet().id(),
            "name",
            r.name(),
            "count",
            r.count(),
            "males",
            r.males(),
            "females",
            r.females());
    // A sheet of the keeper's own may have lost the stage since: then it counts as the last, as
    // here.
    r.statedStage()
        .filter(stage -> r.sheet().stage(stage).isPresent())
        .ifPresent(stage -> map.put("stage", stage));
    r.school().ifPresent(school -> map.put("school", school));
    r.lengthCm().ifPresent(cm -> map.put("lengthCm", number(cm)));
    r.smallestCm().ifPresent(cm -> map.put("smallestCm", number(cm)));
    r.massG().ifPresent(g -> map.put("massG", number(g)));
    r.arrivedOn().ifPresent(day -> map.put("arrivedOn", day.toString()));
    if (!r.alsoFed().isEmpty()) {
      map.put("alsoFed", r.alsoFed().stream().map(FoodItem::id).toList());
    }
    if (r.keeping().ration() != 1) {
      map.put("rationPercent", number(100 * r.keeping().ration()));
    }
    return map;
  }

  static Map<String, Object> group(Object... pairs) {
    Map<String, Object> map = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      map.put((String) pairs[i], pairs[i + 1] instanceof Double d ? number(d) : pairs[i + 1]);
    }
    return map;
  }

  /** Whole numbers without a point, so that a document reads as it was typed. */
  static Object number(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e9
        ? (Object) (long) value
        : (Object) value;
  }
}
