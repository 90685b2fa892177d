package app.islet.core.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The page that describes the open format leaves nothing of the schema out. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FormatPageTest {
  private static final String SCHEMA = "/app/islet/core/document/enclosure-1.schema.json";

  private final String page;
  private final JsonNode schema;

  FormatPageTest() throws IOException {
    page = Files.readString(Path.of("../docs/format.md"));
    schema = new ObjectMapper().readTree(DocumentReader.class.getResourceAsStream(SCHEMA));
  }

  @Test
  void every_field_is_named() {
    Set<String> fields = new TreeSet<>();
    collect(schema, fields);
    assertThat(fields).hasSizeGreaterThan(80).filteredOn(field -> !page.contains(field)).isEmpty();
  }

  private static void collect(JsonNode node, Set<String> fields) {
    if (node.has("properties")) {
      fields.addAll(node.get("properties").propertyNames());
    }
    node.forEach(inner -> collect(inner, fields));
  }

  @Test
  void every_value_that_can_be_chosen_is_named() {
    Set<String> values = new TreeSet<>();
    schema.findValues("enum").forEach(all -> all.forEach(value -> values.add(value.asString())));
    assertThat(values)
        .hasSizeGreaterThan(50)
        .filteredOn(v -> !page.contains("`" + v + "`"))
        .isEmpty();
  }
}
