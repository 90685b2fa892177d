package app.islet.core.document;

import app.islet.core.livestock.Balance;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Who was where at the end of a day, and what had become of all, as one JSON object. */
public final class LedgerJson {
  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  /** A death whose cause nobody wrote down. */
  private static final String UNKNOWN = "unknown";

  private LedgerJson() {}

  public static String write(Ledger ledger, LocalDate day) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("census", ledger.census(day).lines().stream().map(LedgerJson::line).toList());
    all.put(
        "balance",
        ledger.animals().stream()
            .map(animals -> ledger.balance(animals, day))
            .filter(b -> b.begun() + b.joined() > 0)
            .map(LedgerJson::balance)
            .toList());
    return MAPPER.writeValueAsString(all) + "\n";
  }

  private static Map<String, Object> line(Census.Line line) {
    Map<String, Object> cells = new LinkedHashMap<>();
    cells.put("animals", line.animals());
    cells.put("place", line.place());
    cells.put("count", line.count());
    return cells;
  }

  private static Map<String, Object> balance(Balance b) {
    Map<String, Object> cells = new LinkedHashMap<>();
    cells.put("animals", b.animals());
    cells.put("begun", b.begun());
    cells.put("alive", b.alive());
    Map<String, Integer> died = new LinkedHashMap<>();
    b.died().forEach((cause, n) -> died.merge(cause.isEmpty() ? UNKNOWN : cause, n, Integer::sum));
    cells.put("died", died);
    Map<String, Integer> left = new LinkedHashMap<>();
    b.left().forEach((way, n) -> left.put(way.word(), n));
    cells.put("left", left);
    for (Map.Entry<String, Integer> each :
        List.of(Map.entry("joined", b.joined()), Map.entry("parted", b.parted()))) {
      if (each.getValue() > 0) {
        cells.put(each.getKey(), each.getValue());
      }
    }
    return cells;
  }
}
