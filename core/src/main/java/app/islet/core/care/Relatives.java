package app.islet.core.care;

import app.islet.core.text.English;
import app.islet.core.text.Node;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Numbers that a species shares with a relative. A stage that says {@code like: slider} has every
 * group it does not state itself from the stage of that id of the slider's sheet, or from the one
 * named behind a stroke, {@code like: slider/adult}; what is shared says so beside what it rests
 * on. A group the relative has and this animal has not is written {@code none}.
 */
final class Relatives {
  private static final String LIKE = "like";
  private static final String NONE = "none";

  /** No sheet shares what is shared so often; a circle does. */
  private static final int DEEPEST = 5;

  private Relatives() {}

  /**
   * The sheet with everything it shares written out.
   *
   * @throws UnreadableException where the relative or its stage is unknown
   */
  static Node writtenOut(String fileName, Node root) {
    Node stages = root.fields().get("stages");
    if (stages == null || stages.items().stream().noneMatch(s -> s.fields().containsKey(LIKE))) {
      return root;
    }
    List<Node> full = new ArrayList<>();
    for (int i = 0; i < stages.items().size(); i++) {
      full.add(
          stage(
              fileName,
              "/stages/" + i,
              String.valueOf(value(root.fields().get("id"))),
              stages.items().get(i),
              0));
    }
    Map<String, Node> fields = new LinkedHashMap<>(root.fields());
    fields.put("stages", new Node(full, stages.line()));
    return new Node(fields, root.line());
  }

  private static Node stage(String fileName, String path, String own, Node stage, int deep) {
    Node like = stage.fields().get(LIKE);
    if (like == null) {
      return stage;
    }
    if (deep > DEEPEST) {
      throw refused(fileName, path, like, "\"%s\" leads round in a circle", own);
    }
    String[] named = String.valueOf(like.value()).split("/", 2);
    String id = named[0];
    String text =
        SheetTexts.find(id)
            .orElseThrow(
                () -> refused(fileName, path, like, "no sheet \"%s\" ships with Islet", id));
    String stageId = named.length > 1 ? named[1] : String.valueOf(value(stage.fields().get("id")));
    Node theirs =
        SheetTexts.stage(text, stageId)
            .map(
                one -> Node.yaml(id + SheetTexts.ENDING, one).fields().get("stages").items().get(0))
            .map(s -> stage(id + SheetTexts.ENDING, path, id, s, deep + 1))
            .orElseThrow(
                () -> refused(fileName, path, like, "\"%s\" has no stage of that name", id));
    String name = id.equals(own) ? "" : English.name(SheetTexts.name(text));
    Map<String, Node> all = new LinkedHashMap<>();
    theirs.fields().forEach((field, node) -> all.put(field, shared(node, name)));
    all.putAll(stage.fields());
    all.remove(LIKE);
    return withoutNone(new Node(all, stage.line()));
  }

  /** A stage without the groups that say {@code none}. */
  static Node withoutNone(Node stage) {
    Map<String, Node> fields = new LinkedHashMap<>(stage.fields());
    fields.values().removeIf(node -> NONE.equals(node.value()));
    return new Node(fields, stage.line());
  }

  /** Every group that rests on something says whose it is; what is shared twice, whose first. */
  private static Node shared(Node node, String name) {
    if (!node.items().isEmpty()) {
      return new Node(node.items().stream().map(n -> shared(n, name)).toList(), node.line());
    }
    if (node.fields().isEmpty()) {
      return node;
    }
    Map<String, Node> fields = new LinkedHashMap<>();
    node.fields().forEach((field, inner) -> fields.put(field, shared(inner, name)));
    if (fields.containsKey("basis") && !name.isEmpty()) {
      fields.putIfAbsent(LIKE, new Node(name, node.line()));
    }
    return new Node(fields, node.line());
  }

  private static Object value(Node node) {
    return node == null || node.value() == null ? "" : node.value();
  }

  private static UnreadableException refused(
      String fileName, String path, Node at, String pattern, String id) {
    return new UnreadableException(
        fileName, List.of(new Problem(path + "/" + LIKE, at.line(), pattern.formatted(id))));
  }
}
