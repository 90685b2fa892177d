package app.islet.core.care;

import app.islet.core.text.Node;
import app.islet.core.text.NodeText;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;

/**
 * The text of a care sheet on its way to a keeper's own: copied, and its numbers changed with a
 * reason. It may be wrong at any moment; {@link CareSheetReader} judges what comes out.
 */
public final class SheetDraft {
  private final Node root;

  private SheetDraft(Node root) {
    this.root = root;
  }

  /**
   * @throws app.islet.core.text.UnreadableException if it is no YAML
   */
  public static SheetDraft of(String fileName, String yaml) {
    return new SheetDraft(Node.yaml(fileName, yaml));
  }

  public String yaml() {
    return NodeText.yaml(root);
  }

  /** The same sheet under another id and name, based on the one it was copied from. */
  public SheetDraft copiedAs(String id, String name) {
    Map<String, Node> fields = new LinkedHashMap<>();
    root.fields()
        .forEach(
            (field, value) -> {
              if (field.equals("id")) {
                Node basedOn = root.fields().getOrDefault("basedOn", value);
                fields.put("id", new Node(id, value.line()));
                fields.put("basedOn", basedOn);
              } else if (field.equals("name") || field.equals("plural")) {
                fields.put(field, new Node(name, value.line()));
              } else if (!field.equals("basedOn")) {
                fields.put(field, value);
              }
            });
    return new SheetDraft(new Node(fields, root.line()));
  }

  /** Every number of the sheet in its order, except those of other schools. */
  public List<SheetNumber> numbers() {
    List<SheetNumber> found = new ArrayList<>();
    root.fields()
        .forEach(
            (name, node) -> {
              if (name.equals("stages")) {
                addStages(node, found);
              } else if (!name.equals("schools")) {
                collect(node, "/" + name, words(name), name, "", "", found);
              }
            });
    return found;
  }

  private static void addStages(Node stages, List<SheetNumber> found) {
    for (int i = 0; i < stages.items().size(); i++) {
      Node stage = stages.items().get(i);
      Node named = stage.fields().get("name");
      String prefix = (named == null ? "stage " + i : String.valueOf(named.value())) + ": ";
      String path = "/stages/" + i;
      stage
          .fields()
          .forEach(
              (name, node) ->
                  collect(node, path + "/" + name, prefix + words(name), name, "", "", found));
    }
  }

  private static void collect(
      Node node,
      String path,
      String group,
      String name,
      String edge,
      String basis,
      List<SheetNumber> found) {
    if (node.value() instanceof Double value) {
      found.add(
          new SheetNumber(
              path, group, words(name) + edge, SheetNumber.dimensionOf(name), value, basis));
    }
    Node own = node.fields().get("basis");
    String here = own == null ? basis : String.valueOf(own.value());
    node.fields()
        .forEach(
            (field, value) -> collect(value, path + "/" + field, group, field, "", here, found));
    boolean pair =
        node.items().size() == 2
            && node.items().stream().allMatch(n -> n.value() instanceof Double);
    for (int i = 0; i < node.items().size(); i++) {
      collect(
          node.items().get(i),
          path + "/" + i,
          pair ? group : group + " " + (i + 1),
          name,
          pair ? (i == 0 ? ", least" : ", most") : "",
          here,
          found);
    }
  }

  /**
   * The sheet with numbers changed. The group each stands in then says that a keeper set it, why,
   * and what the rest of it rests on.
   *
   * @param values new numbers by {@link SheetNumber#path}
   */
  public SheetDraft with(Map<String, Double> values, String reason) {
    return new SheetDraft(changed(root, "", values, reason));
  }

  private static Node changed(Node node, String path, Map<String, Double> values, String reason) {
    if (node.value() instanceof Double && values.containsKey(path)) {
      return new Node(values.get(path), node.line());
    }
    if (!node.fields().isEmpty()) {
      Map<String, Node> fields = new LinkedHashMap<>();
      node.fields()
          .forEach(
              (name, value) -> fields.put(name, changed(value, path + "/" + name, values, reason)));
      Node basis = fields.get("basis");
      TreeSet<String> names = changedNames(node, path, values);
      if (basis != null && !names.isEmpty()) {
        fields.put(
            "basis",
            new Node(basisAfter(String.valueOf(basis.value()), names, reason), basis.line()));
      }
      return new Node(fields, node.line());
    }
    if (!node.items().isEmpty()) {
      List<Node> items = new ArrayList<>();
      for (int i = 0; i < node.items().size(); i++) {
        items.add(changed(node.items().get(i), path + "/" + i, values, reason));
      }
      return new Node(items, node.line());
    }
    return node;
  }

  /**
   * Names of the numbers of this group that change, those of groups with a basis of their own not.
   */
  private static TreeSet<String> changedNames(Node group, String path, Map<String, Double> values) {
    TreeSet<String> names = new TreeSet<>();
    group
        .fields()
        .forEach(
            (name, node) -> {
              String at = path + "/" + name;
              boolean own = node.fields().containsKey("basis");
              if (!own
                  && values.keySet().stream()
                      .anyMatch(p -> p.equals(at) || p.startsWith(at + "/"))) {
                names.add(words(name));
              }
            });
    return names;
  }

  private static String basisAfter(String before, TreeSet<String> names, String reason) {
    String rest = before.startsWith("keeper:") ? "" : "; the rest: " + before;
    String text = "keeper: %s (%s%s)".formatted(reason, String.join(", ", names), rest);
    return text.length() <= CareSheetReader.MAX_BASIS
        ? text
        : text.substring(0, CareSheetReader.MAX_BASIS);
  }

  /** {@code restWithinCm} as {@code rest within}: the unit is shown beside the number. */
  private static String words(String name) {
    String spaced = name.replaceAll("(?<=[a-z])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
    return spaced.replaceAll(" (cm|cm2|c|l|k|dh|cm s|mg per l|percent|days|hours|months)$", "");
  }
}
