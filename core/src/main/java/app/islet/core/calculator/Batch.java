package app.islet.core.calculator;

import app.islet.core.quantity.Dimension;
import app.islet.core.text.Node;
import app.islet.core.text.UnreadableException;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** Calculators over JSON: one line in, one line out. */
public final class Batch {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private Batch() {}

  /** The outputs as one JSON object; counts without a decimal point. */
  public static String json(String id, Map<String, Double> outputs) {
    Map<String, Object> shown = new LinkedHashMap<>(outputs);
    for (Output o : Calculators.find(id).orElseThrow().outputs()) {
      Double value = outputs.get(o.key());
      if (value == null) {
        continue;
      }
      switch (o.kind()) {
        case FLAG -> shown.put(o.key(), value != 0);
        case DAY -> shown.put(o.key(), LocalDate.ofEpochDay(value.longValue()).toString());
        case NUMBER -> {
          if (o.dimension() == Dimension.COUNT) {
            shown.put(o.key(), Math.round(value));
          }
        }
      }
    }
    return MAPPER.writeValueAsString(shown);
  }

  /**
   * Answers {@code {"id": ..., "in": {...}}} with the outputs, or with {@code {"error": sentence}}.
   */
  public static String answer(String line) {
    try {
      if (!(Node.json("the line", line).value() instanceof Map<?, ?> request)) {
        return error("the line must be {\"id\": \"...\", \"in\": {\"key\": value, ...}}");
      }
      if (!(value(request.get("id")) instanceof String id)
          || !(value(request.get("in")) instanceof Map<?, ?> in)
          || request.size() != 2) {
        return error("the line must have an \"id\" and an \"in\", and nothing else");
      }
      Map<String, String> given = new LinkedHashMap<>();
      in.forEach((key, node) -> given.put((String) key, String.valueOf(value(node))));
      return json(id, Calculators.run(id, given));
    } catch (RefusedException e) {
      return error(e.getMessage());
    } catch (UnreadableException e) {
      return error(e.problems().get(0).sentence());
    }
  }

  private static Object value(Object node) {
    return node instanceof Node n && n.value() != null ? n.value() : "null";
  }

  private static String error(String sentence) {
    return MAPPER.writeValueAsString(Map.of("error", sentence));
  }
}
