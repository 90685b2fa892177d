package app.islet.web.reading.archive;

import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The schema of every table, as a Tabular Data Package (Frictionless Data, version 1): an open
 * format that many programs read.
 */
final class Descriptor {
  static final String PATH = "datapackage.json";
  static final String PEOPLE = "people.csv";
  static final int VERSION = 1;

  private static final String ISLET = "islet";
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private Descriptor() {}

  static String json(Layout layout, String name) {
    ObjectNode root = MAPPER.createObjectNode();
    root.put("profile", "tabular-data-package");
    root.put("name", "islet-collection");
    root.put("title", name);
    root.put(ISLET, VERSION);
    ArrayNode resources = root.putArray("resources");
    people(resources.addObject());
    layout.tables().forEach(table -> table(resources.addObject(), table));
    return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
  }

  private static void people(ObjectNode resource) {
    ObjectNode schema = resource(resource, Layout.PERSON, PEOPLE);
    ArrayNode fields = schema.putArray("fields");
    fields
        .addObject()
        .put("name", "id")
        .put("type", "integer")
        .put("description", "Number of the row");
    fields
        .addObject()
        .put("name", "name")
        .put("type", "string")
        .put("description", "What they are called");
    schema.put("primaryKey", "id");
  }

  private static void table(ObjectNode resource, Table table) {
    ObjectNode schema = resource(resource, table.name(), table.path());
    ArrayNode fields = schema.putArray("fields");
    table.columns().forEach(column -> field(fields.addObject(), column));
    schema.set("primaryKey", MAPPER.valueToTree(table.key()));
    List<Column> references = table.columns().stream().filter(c -> c.parent().isPresent()).toList();
    if (!references.isEmpty()) {
      ArrayNode keys = schema.putArray("foreignKeys");
      references.forEach(column -> reference(keys.addObject(), table, column));
    }
  }

  private static ObjectNode resource(ObjectNode resource, String name, String path) {
    resource.put("name", name.replace('_', '-')).put("path", path);
    resource.put("profile", "tabular-data-resource").put("encoding", "utf-8");
    return resource.putObject("schema");
  }

  private static void field(ObjectNode field, Column column) {
    boolean asFile = column.file().isPresent();
    field.put("name", column.name());
    field.put("type", asFile ? "string" : column.kind().schemaType);
    // Moments have parts of a second, which the default format of this schema has not.
    if (column.kind() == Kind.MOMENT) {
      field.put("format", "any");
    }
    field.put("description", column.meaning());
    ObjectNode constraints = field.putObject("constraints");
    constraints.put("required", !column.optional() && column.kind() != Kind.WORDS);
    if (!column.words().isEmpty()) {
      constraints.set("enum", MAPPER.valueToTree(column.words()));
    }
  }

  private static void reference(ObjectNode key, Table table, Column column) {
    String parent = column.parent().orElseThrow();
    key.put("fields", column.name());
    key.putObject("reference")
        .put("resource", table.refersToItself(column) ? "" : parent.replace('_', '-'))
        .put("fields", "id");
  }

  /** The version an archive says it has; -1 if it is none of ours. */
  static int version(String json) {
    try {
      JsonNode root = MAPPER.readTree(json);
      return root.path(ISLET).asInt(-1);
    } catch (JacksonException e) {
      return -1;
    }
  }
}
