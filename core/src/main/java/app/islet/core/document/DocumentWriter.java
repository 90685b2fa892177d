package app.islet.core.document;

import app.islet.core.animal.Resident;
import app.islet.core.animal.Resting;
import app.islet.core.care.FoodItem;
import app.islet.core.field.RecordFormat;
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
    Map<String, Object> root = new LinkedHashMap<>();
    root.put("islet", "enclosure");
    root.put("version", EnclosureDocument.VERSION);
    root.putAll(EnclosureFormat.written(document.enclosure()));
    root.put("residents", document.residents().stream().map(DocumentWriter::resident).toList());
    return root;
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
    r.lengthCm().ifPresent(cm -> map.put("lengthCm", RecordFormat.number(cm)));
    r.smallestCm().ifPresent(cm -> map.put("smallestCm", RecordFormat.number(cm)));
    r.massG().ifPresent(g -> map.put("massG", RecordFormat.number(g)));
    r.arrivedOn().ifPresent(day -> map.put("arrivedOn", day.toString()));
    r.keeping().rest().ifPresent(rest -> map.put("rest", rest(rest)));
    if (!r.alsoFed().isEmpty()) {
      map.put("alsoFed", r.alsoFed().stream().map(FoodItem::id).toList());
    }
    if (r.keeping().ration() != 1) {
      map.put("rationPercent", RecordFormat.number(100 * r.keeping().ration()));
    }
    return map;
  }

  private static Map<String, Object> rest(Resting rest) {
    Map<String, Object> map = group("from", rest.from().toString());
    rest.until().ifPresent(day -> map.put("until", day.toString()));
    return map;
  }

  static Map<String, Object> group(Object... pairs) {
    Map<String, Object> map = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      map.put(
          (String) pairs[i],
          pairs[i + 1] instanceof Double d ? RecordFormat.number(d) : pairs[i + 1]);
    }
    return map;
  }
}
