package app.islet.core.document;

import app.islet.core.care.Plant;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.text.Fields;
import java.util.LinkedHashMap;
import java.util.Map;

/** Writes what stands in the box. */
final class FurnishingsWriter {
  private FurnishingsWriter() {}

  static Map<String, Object> written(Furnishings f) {
    Map<String, Object> map = new LinkedHashMap<>();
    f.hides()
        .ifPresent(
            h ->
                map.put(
                    "hides", DocumentWriter.group("count", h.count(), "openingCm", h.openingCm())));
    f.stones()
        .ifPresent(
            x ->
                map.put(
                    "stones",
                    DocumentWriter.group(
                        "topCm",
                        x.topCm(),
                        "gapCm",
                        x.gapCm(),
                        "footing",
                        Fields.written(x.footing()))));
    if (!f.plants().isEmpty()) {
      map.put("plants", f.plants().stream().map(Plant::id).toList());
    }
    if (!f.dishes().isEmpty()) {
      map.put("dishes", f.dishes().stream().map(FurnishingsWriter::dish).toList());
    }
    if (f.furtherWaysOut() > 0) {
      map.put("furtherWaysOut", f.furtherWaysOut());
    }
    if (f.spareShells() > 0) {
      map.put("spareShells", f.spareShells());
    }
    if (!f.parts().isEmpty()) {
      map.put("parts", f.parts().stream().map(FurnishingsWriter::part).toList());
    }
    return map;
  }

  private static Map<String, Object> dish(Dish d) {
    Map<String, Object> map =
        DocumentWriter.group(
            "depthCm", d.depthCm(), "salinityPpt", d.salinityPpt(), "slope", d.slope());
    d.areaCm2().ifPresent(cm2 -> map.put("areaCm2", DocumentWriter.number(cm2)));
    d.xCm().ifPresent(cm -> map.put("xCm", DocumentWriter.number(cm)));
    d.yCm().ifPresent(cm -> map.put("yCm", DocumentWriter.number(cm)));
    return map;
  }

  private static Map<String, Object> part(Furnishing p) {
    Map<String, Object> map =
        DocumentWriter.group(
            "id",
            p.id(),
            "kind",
            Fields.written(p.kind()),
            "xCm",
            p.xCm(),
            "yCm",
            p.yCm(),
            "lengthCm",
            p.lengthCm(),
            "widthCm",
            p.widthCm(),
            "bottomCm",
            p.bottomCm(),
            "topCm",
            p.topCm());
    if (p.turnDeg() != 0) {
      map.put("turnDeg", DocumentWriter.number(p.turnDeg()));
    }
    if (p.round()) {
      map.put("round", true);
    }
    if (p.risesLeft()) {
      map.put("risesLeft", true);
    }
    if (p.locked()) {
      map.put("locked", true);
    }
    return map;
  }
}
