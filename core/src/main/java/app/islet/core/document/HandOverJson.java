package app.islet.core.document;

import app.islet.core.animal.Resident;
import app.islet.core.livestock.HandOver;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.quantity.UnitSystem;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** A hand-over sheet as JSON, for whoever keeps their books with a program too. */
public final class HandOverJson {
  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private HandOverJson() {}

  public static String write(HandOver sheet) {
    Resident r = sheet.resident();
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("islet", "hand-over");
    all.put("version", 1);
    all.put("date", sheet.day().toString());
    all.put("name", r.name());
    all.put("species", r.sheet().id());
    all.put("scientificName", r.sheet().scientificName());
    all.put("stage", r.stage().id());
    all.put("count", r.count());
    all.put("males", r.males());
    all.put("females", r.females());
    r.lengthCm().ifPresent(cm -> all.put("lengthCm", cm));
    r.massG().ifPresent(g -> all.put("massG", g));
    sheet.hatchedOn().ifPresent(day -> all.put("hatchedOn", day.toString()));
    sheet.hereSince().ifPresent(day -> all.put("hereSince", day.toString()));
    all.put("foods", sheet.foods().stream().map(HandOver.Eats::name).toList());
    all.put("meals", sheet.meals().stream().map(HandOverJson::event).toList());
    all.put("skins", sheet.skins().stream().map(HandOverJson::event).toList());
    all.put("water", sheet.water().stream().map(HandOverJson::reading).toList());
    all.put("law", sheet.law().stream().map(note -> note.text()).toList());
    return MAPPER.writeValueAsString(all) + "\n";
  }

  private static Map<String, Object> event(LifeEvent e) {
    Map<String, Object> cells = new LinkedHashMap<>();
    cells.put("date", e.day().toString());
    cells.put("kind", e.kind().name().toLowerCase(Locale.ROOT));
    e.amount().ifPresent(amount -> cells.put("amount", amount));
    if (!e.note().isEmpty()) {
      cells.put("note", e.note());
    }
    return cells;
  }

  private static Map<String, Object> reading(HandOver.Reading reading) {
    Map<String, Object> cells = new LinkedHashMap<>();
    cells.put("what", reading.what());
    cells.put("value", reading.value().si());
    cells.put("unit", reading.value().dimension().unit(UnitSystem.METRIC));
    cells.put("measuredOn", reading.day().toString());
    return cells;
  }
}
