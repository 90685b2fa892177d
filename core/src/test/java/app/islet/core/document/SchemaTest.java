package app.islet.core.document;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.field.RecordShape;
import app.islet.core.field.Slot;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The schema that ships says of every field what the records say: name, type, range, needed. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SchemaTest {
  private final List<String> differences = new ArrayList<>();

  @Test
  void every_field_of_the_schema_is_a_component_of_a_record_with_its_type_and_range()
      throws IOException {
    try (InputStream in = DocumentReader.class.getResourceAsStream("enclosure-1.schema.json")) {
      JsonNode root = JsonMapper.shared().readTree(in);
      compare("", Enclosure.class, root, List.of("islet", "version", "residents"));
    }
    assertThat(differences).isEmpty();
  }

  @Test
  void every_field_of_a_design_has_a_name_of_its_own() {
    List<String> pointers =
        leaves(Enclosure.class, "").filter(p -> !p.contains("*")).sorted().toList();
    assertThat(Arrays.stream(DesignField.values()).map(DesignField::pointer))
        .containsAll(pointers)
        .hasSize(pointers.size() + 1)
        .contains("/platform/sideCm");
  }

  private static Stream<String> leaves(Class<?> type, String path) {
    return RecordShape.of(type)
        .fields()
        .flatMap(
            s -> {
              String here = path + "/" + s.name();
              if (s.type().isSealed()) {
                return Arrays.stream(s.type().getPermittedSubclasses())
                    .flatMap(member -> leaves(member, here + "/" + kind(member)));
              }
              if (s.many() == Slot.Many.LIST) {
                return Stream.of(here + "/*");
              }
              return s.type().isRecord() ? leaves(s.type(), here) : Stream.of(here);
            });
  }

  private static String kind(Class<?> member) {
    return member.getSimpleName().replaceAll("([a-z])([A-Z])", "$1-$2").toLowerCase(Locale.ROOT);
  }

  private void compare(String path, Class<?> type, JsonNode group, List<String> besides) {
    TreeSet<String> there = new TreeSet<>(group.get("properties").propertyNames());
    there.removeAll(besides);
    TreeSet<String> needed = new TreeSet<>(texts(group.path("required")));
    needed.removeAll(besides);
    same(
        path,
        "fields",
        new TreeSet<>(RecordShape.of(type).fields().map(Slot::name).toList()),
        there);
    same(
        path,
        "required",
        new TreeSet<>(RecordShape.of(type).required().map(Slot::name).toList()),
        needed);
    RecordShape.of(type)
        .fields()
        .filter(s -> there.contains(s.name()))
        .forEach(s -> field(path + "/" + s.name(), s, group.get("properties").get(s.name())));
  }

  private void field(String path, Slot s, JsonNode said) {
    JsonNode one = s.many() == Slot.Many.LIST ? said.get("items") : said;
    if (said.has("maxItems")) {
      same(path, "most", s.layout().most(), said.path("maxItems").asInt(-1));
    }
    if (s.limit().isPresent()) {
      same(path, "least", s.limit().get().min(), said.get("minimum").asDouble());
      same(path, "most", s.limit().get().max(), said.get("maximum").asDouble());
      same(path, "type", s.type() == int.class ? "integer" : "number", said.get("type").asString());
    } else if (s.type().isEnum()) {
      same(
          path,
          "choices",
          new TreeSet<>(
              Arrays.stream(s.type().getEnumConstants())
                  .map(c -> ((Enum<?>) c).name().toLowerCase(Locale.ROOT).replace('_', '-'))
                  .toList()),
          new TreeSet<>(texts(said.get("enum"))));
    } else if (s.type().isSealed()) {
      for (Class<?> member : s.type().getPermittedSubclasses()) {
        Optional<JsonNode> of =
            StreamSupport.stream(one.get("oneOf").spliterator(), false)
                .filter(
                    n ->
                        n.get("properties")
                            .get("kind")
                            .get("const")
                            .asString()
                            .equals(kind(member)))
                .findFirst();
        of.ifPresentOrElse(
            n -> compare(path + "/" + kind(member), member, n, List.of("kind")),
            () -> differences.add(path + ": no " + kind(member)));
      }
    } else if (s.type().isRecord() && one.has("properties")) {
      compare(path, s.type(), one, List.of());
    }
  }

  private static List<String> texts(JsonNode array) {
    return StreamSupport.stream(array.spliterator(), false).map(JsonNode::asString).toList();
  }

  private void same(String path, String what, Object record, Object schema) {
    if (!record.equals(schema)) {
      differences.add("%s %s: records %s, schema %s".formatted(path, what, record, schema));
    }
  }
}
