package app.islet.core.document;

import app.islet.core.text.Node;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What differs between two documents, field by field. */
public final class DocumentDiff {
  private DocumentDiff() {}

  /**
   * @param path of the field, as {@code /water/depthCm}; a part is named by its id
   * @param before as written, empty where it was not there
   * @param after as written, empty where it is no more
   */
  public record Difference(String path, String before, String after) {}

  /**
   * @throws app.islet.core.text.UnreadableException if either is no JSON
   */
  public static List<Difference> between(String before, String after) {
    Map<String, String> old = flat(before);
    Map<String, String> now = flat(after);
    List<Difference> found = new ArrayList<>();
    old.forEach(
        (path, value) -> {
          String then = now.getOrDefault(path, "");
          if (!then.equals(value)) {
            found.add(new Difference(path, value, then));
          }
        });
    now.forEach(
        (path, value) -> {
          if (!old.containsKey(path)) {
            found.add(new Difference(path, "", value));
          }
        });
    return List.copyOf(found);
  }

  private static Map<String, String> flat(String json) {
    Map<String, String> all = new LinkedHashMap<>();
    collect(Node.json("document", json), "", all);
    return all;
  }

  private static void collect(Node node, String path, Map<String, String> all) {
    node.fields().forEach((name, value) -> collect(value, path + "/" + name, all));
    for (int i = 0; i < node.items().size(); i++) {
      Node item = node.items().get(i);
      collect(item, path + "/" + nameOf(item, i), all);
    }
    if (node.fields().isEmpty() && node.items().isEmpty() && node.value() != null) {
      all.put(path, text(node.value()));
    }
  }

  /** Parts and devices keep their name when others come or go before them. */
  private static String nameOf(Node item, int index) {
    Node id = item.fields().getOrDefault("id", item.fields().get("kind"));
    return id == null ? String.valueOf(index) : String.valueOf(id.value());
  }

  private static String text(Object value) {
    return value instanceof Double number && number == Math.rint(number)
        ? String.valueOf(number.longValue())
        : String.valueOf(value);
  }
}
