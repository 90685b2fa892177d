package app.islet.core.text;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamFactory;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.dataformat.yaml.YAMLFactory;

/**
 * A value in a text, with the line it stands on.
 *
 * @param value a {@code Map<String, Node>}, a {@code List<Node>}, a {@code String}, a {@code
 *     Double}, a {@code Boolean}, or null
 */
public record Node(@Nullable Object value, int line) {
  /**
   * Deeper nesting than any document of ours has; it stops a hostile text from exhausting the
   * stack.
   */
  private static final int MAX_DEPTH = 20;

  private static final Pattern LINE_IN_MESSAGE =
      Pattern.compile("in '?reader'?, line (\\d+), column");

  /**
   * This value with another laid over it: groups are merged field by field, anything else is
   * replaced. Each part keeps the line it stands on, so that a mistake is found where it was
   * written.
   */
  public Node under(Node over) {
    if (!(value instanceof Map<?, ?>) || !(over.value instanceof Map<?, ?>)) {
      return over;
    }
    Map<String, Node> merged = new LinkedHashMap<>(fields());
    over.fields().forEach((name, node) -> merged.merge(name, node, Node::under));
    return new Node(merged, line);
  }

  /** The fields of a group; none where this is no group. */
  @SuppressWarnings("unchecked")
  public Map<String, Node> fields() {
    return value instanceof Map<?, ?> ? (Map<String, Node>) value : Map.of();
  }

  /** The items of a list; none where this is no list. */
  @SuppressWarnings("unchecked")
  public List<Node> items() {
    return value instanceof List<?> ? (List<Node>) value : List.of();
  }

  /**
   * Values that were made, not read: they stand on no line.
   *
   * @param value of groups, lists, texts, numbers, truths
   */
  public static Node of(Object value) {
    if (value instanceof Map<?, ?> group) {
      Map<String, Node> fields = new LinkedHashMap<>();
      group.forEach((name, inner) -> fields.put((String) name, of(inner)));
      return new Node(fields, 0);
    }
    if (value instanceof List<?> list) {
      return new Node(list.stream().map(Node::of).toList(), 0);
    }
    return new Node(value instanceof Number number ? (Object) number.doubleValue() : value, 0);
  }

  /**
   * @throws UnreadableException if the text is not one JSON value
   */
  public static Node json(String name, String text) {
    return read(
        name,
        text,
        JsonFactory.builder().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build());
  }

  /**
   * @throws UnreadableException if the text is not one YAML value
   */
  public static Node yaml(String name, String text) {
    return read(
        name,
        text,
        YAMLFactory.builder().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build());
  }

  private static Node read(String name, String text, TokenStreamFactory factory) {
    int line = 1;
    try (JsonParser parser = factory.createParser(ObjectReadContext.empty(), text)) {
      if (parser.nextToken() == null) {
        throw refused(name, 1, "the file is empty");
      }
      Node root = value(name, parser, 0);
      line = parser.currentLocation().getLineNr();
      if (parser.nextToken() != null) {
        throw refused(
            name,
            parser.currentTokenLocation().getLineNr(),
            "there is text behind the end of the document");
      }
      return root;
    } catch (JacksonException e) {
      throw refused(
          name, lineOf(e, line), "this cannot be read: " + firstSentence(e.getOriginalMessage()));
    }
  }

  /** The YAML reader tells the line in its message only, as {@code in reader, line 2, column 1}. */
  private static int lineOf(JacksonException e, int fallback) {
    Matcher told = LINE_IN_MESSAGE.matcher(e.getOriginalMessage());
    if (told.find()) {
      return Integer.parseInt(told.group(1));
    }
    return e.getLocation() == null ? fallback : Math.max(1, e.getLocation().getLineNr());
  }

  private static String firstSentence(String message) {
    int reader = message.indexOf("\n in ");
    return (reader < 0 ? message : message.substring(0, reader)).replace('\n', ' ');
  }

  private static UnreadableException refused(String name, int line, String sentence) {
    return new UnreadableException(name, List.of(new Problem("", line, sentence)));
  }

  private static Node value(String name, JsonParser parser, int depth) {
    int line = Math.max(1, parser.currentTokenLocation().getLineNr());
    if (depth > MAX_DEPTH) {
      throw refused(name, line, "nested more than %d deep".formatted(MAX_DEPTH));
    }
    JsonToken token = parser.currentToken();
    return new Node(
        switch (token) {
          case START_OBJECT -> object(name, parser, depth);
          case START_ARRAY -> array(name, parser, depth);
          case VALUE_NUMBER_INT, VALUE_NUMBER_FLOAT -> parser.getDoubleValue();
          case VALUE_TRUE -> Boolean.TRUE;
          case VALUE_FALSE -> Boolean.FALSE;
          case VALUE_NULL -> null;
          default -> parser.getString();
        },
        line);
  }

  private static Map<String, Node> object(String name, JsonParser parser, int depth) {
    Map<String, Node> fields = new LinkedHashMap<>();
    while (parser.nextToken() != JsonToken.END_OBJECT) {
      String field = parser.currentName();
      parser.nextToken();
      fields.put(field, value(name, parser, depth + 1));
    }
    return fields;
  }

  private static List<Node> array(String name, JsonParser parser, int depth) {
    List<Node> items = new ArrayList<>();
    while (parser.nextToken() != JsonToken.END_ARRAY) {
      items.add(value(name, parser, depth + 1));
    }
    return items;
  }
}
