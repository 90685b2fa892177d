package app.islet.core;

import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.review.Finding;
import app.islet.core.text.Fields;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/**
 * An assessment as JSON: SI figures with their unit in the key, sentences in metric units.
 * Described in docs/format.md.
 */
public final class AssessmentJson {
  public static final int VERSION = 1;
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private AssessmentJson() {}

  public static String write(Assessment a) {
    return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(tree(a)) + "\n";
  }

  private static Map<String, Object> tree(Assessment a) {
    Map<String, Object> root = new LinkedHashMap<>();
    root.put("islet", "assessment");
    root.put("version", VERSION);
    root.put("name", a.enclosure().name());
    root.put("date", a.situation().date().toString());
    root.put("figures", figures(a));
    root.put(
        "residents",
        a.residents().stream()
            .map(
                r -> {
                  Map<String, Object> map = new LinkedHashMap<>();
                  map.put("name", r.name());
                  map.put("species", r.sheet().id());
                  map.put("stage", r.stage().id());
                  map.put("count", r.count());
                  map.put("lengthCm", r.bodyCm());
                  map.put("massG", r.bodyG());
                  return map;
                })
            .toList());
    root.put("findings", a.review().findings().stream().map(AssessmentJson::finding).toList());
    root.put(
        "shopping",
        a.shopping().stream()
            .map(
                p ->
                    Map.of(
                        "thing",
                        p.thing(),
                        "size",
                        p.size().text(UnitSystem.METRIC),
                        "present",
                        p.present()))
            .toList());
    root.put(
        "tasks",
        a.plan().tasks().stream()
            .map(
                t -> {
                  Map<String, Object> map = new LinkedHashMap<>();
                  map.put("key", t.key());
                  map.put("kind", Fields.written(t.kind()));
                  map.put("title", t.title().text(UnitSystem.METRIC));
                  map.put("amount", t.amount().text(UnitSystem.METRIC));
                  map.put("how", t.how().text(UnitSystem.METRIC));
                  map.put("rhythm", a.plan().rhythm(t));
                  return map;
                })
            .toList());
    return root;
  }

  private static Map<String, Object> figures(Assessment a) {
    Geometry s = a.geometry();
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("waterL", s.waterL());
    s.grid()
        .ifPresent(
            grid -> {
              map.put("displacedL", grid.figures().displacedL());
              map.put("shorelineCm", grid.figures().shorelineCm());
            });
    map.put("litresPerCm", s.litresPerCm());
    map.put("waterSharePercent", s.waterSharePercent());
    map.put("footprintCm2", s.footprintCm2());
    map.put("dryLandCm2", s.dryLandCm2());
    map.put("waterLineCm", s.lineCm());
    map.put("freeboardCm", s.freeboardCm());
    map.put("rimAboveFootholdCm", a.situation().rimAboveFootholdCm());
    map.put("slopeDeg", s.slopeDeg());
    if (a.heads() > 0) {
      map.put("litresPerAnimalL", s.waterL() / a.heads());
      map.put("floorPerAnimalCm2", s.footprintCm2() / a.heads());
    }
    a.climate()
        .water()
        .ifPresent(
            w -> {
              // Heat and evaporation of a pond are not calculated: what is not there is not
              // estimated.
              if (a.climate().model().holds()) {
                map.put("waterTargetC", w.targetC());
                map.put("waterHeatingNeedW", w.heatingNeedW());
                map.put("topUpLPerDay", w.topUpLPerDay());
              }
              map.put("waterWinterC", w.winterC());
              map.put("waterSummerUncooledC", w.summerUncooledC());
              map.put("waterSummerC", w.summerC());
            });
    a.climate()
        .air()
        .ifPresent(
            air -> {
              map.put("airTargetC", air.targetC());
              if (a.climate().model().holds()) {
                map.put("airHeatingNeedW", air.heatingNeedW());
              }
              map.put("airWinterC", air.winterC());
              map.put("airSummerC", air.summerC());
            });
    map.put("ammoniaGPerDay", a.ammoniaGPerDay());
    return map;
  }

  private static Map<String, Object> finding(Finding f) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("rule", f.rule());
    map.put("severity", f.severity().word());
    map.put("step", f.step().word());
    map.put("who", f.who());
    map.put("what", f.what().text(UnitSystem.METRIC));
    map.put("why", f.why().text(UnitSystem.METRIC));
    map.put(
        "remedies",
        f.remedies().stream()
            .map(
                r -> {
                  Map<String, Object> remedy = new LinkedHashMap<>();
                  remedy.put("text", r.text().text(UnitSystem.METRIC));
                  if (!r.changes().isEmpty()) {
                    remedy.put(
                        "changes",
                        r.changes().stream()
                            .map(change -> Map.of("field", change.field(), "value", change.value()))
                            .toList());
                  }
                  return remedy;
                })
            .toList());
    map.put("school", f.school().map(school -> school.name()).orElse(""));
    map.put("otherwise", f.otherwise());
    map.put("source", f.basis().words());
    return map;
  }
}
