package app.islet.core.document;

import app.islet.core.health.AidStep;
import app.islet.core.health.Triage;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.UnitSystem;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What to make of signs, and what to do first, as one JSON object. */
public final class TriageJson {
  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private TriageJson() {}

  public static String write(Triage triage) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("normal", triage.isNormal());
    all.put("urgent", triage.urgent());
    all.put("why", triage.normal().stream().map(row -> row.words().why()).toList());
    all.put("steps", triage.steps().stream().map(AidStep::text).toList());
    all.put("causes", triage.causes().stream().map(TriageJson::cause).toList());
    all.put("vet", triage.vet());
    return MAPPER.writeValueAsString(all) + "\n";
  }

  private static Map<String, Object> cause(Triage.Likely likely) {
    Map<String, Object> cells = new LinkedHashMap<>();
    cells.put("id", likely.cause().id());
    cells.put("cause", likely.cause().words());
    cells.put("because", likely.because().stream().map(TriageJson::words).toList());
    likely.against().ifPresent(words -> cells.put("against", words));
    return cells;
  }

  private static String words(Object because) {
    return because instanceof Phrase phrase
        ? phrase.text(UnitSystem.METRIC)
        : String.valueOf(because);
  }
}
