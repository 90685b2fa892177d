package app.islet.core.text;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.dataformat.yaml.YAMLMapper;
import tools.jackson.dataformat.yaml.YAMLWriteFeature;

/** Writes a tree of nodes as YAML; what is written reads as the same tree. */
public final class NodeText {
  private static final YAMLMapper YAML =
      YAMLMapper.builder()
          .disable(YAMLWriteFeature.WRITE_DOC_START_MARKER)
          .disable(YAMLWriteFeature.SPLIT_LINES)
          .enable(YAMLWriteFeature.INDENT_ARRAYS_WITH_INDICATOR)
          .build();

  private NodeText() {}

  public static String yaml(Node node) {
    return YAML.writeValueAsString(plain(node));
  }

  private static @Nullable Object plain(Node node) {
    if (node.value() instanceof Map<?, ?>) {
      Map<String, Object> map = new LinkedHashMap<>();
      node.fields().forEach((name, value) -> map.put(name, plain(value)));
      return map;
    }
    if (node.value() instanceof List<?>) {
      return node.items().stream().map(NodeText::plain).toList();
    }
    if (node.value() instanceof Double number) {
      return number == Math.rint(number) && Math.abs(number) < 1e9
          ? (Object) number.longValue()
          : (Object) number;
    }
    return node.value();
  }
}
