package app.islet.core;

import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Set-ups told as a sample document and what is other than in it. */
public final class Samples {
  private static final Path FOLDER = Path.of("..", "samples");
  private static final String USUAL_DAY = "2026-03-02";

  private Samples() {}

  /** The rows of a file beside the samples. */
  public static Stream<JsonNode> told(String file) throws IOException {
    return YAMLMapper.shared().readTree(Files.readString(FOLDER.resolve(file))).valueStream();
  }

  /** The sample it is like, with what is said to be other. */
  public static EnclosureDocument read(JsonNode told) throws IOException {
    Path like = FOLDER.resolve(told.get("like").asString() + ".json");
    JsonNode design = JsonMapper.shared().readTree(Files.readString(like));
    JsonNode other = told.path("with");
    JsonNode merged = other.isMissingNode() ? design : merge(design, other);
    return new DocumentReader(CareLibrary.bundled())
        .read(told.get("name").asString(), merged.toString());
  }

  public static LocalDate day(JsonNode told) {
    return LocalDate.parse(told.path("day").asString(USUAL_DAY));
  }

  /** JSON Merge Patch, RFC 7386: null takes away, a list stands for the whole list. */
  private static JsonNode merge(JsonNode target, JsonNode patch) {
    if (!patch.isObject()) {
      return patch;
    }
    ObjectNode merged =
        target.isObject()
            ? ((ObjectNode) target).deepCopy()
            : JsonMapper.shared().createObjectNode();
    patch
        .properties()
        .forEach(
            e -> {
              if (e.getValue().isNull()) {
                merged.remove(e.getKey());
              } else {
                merged.set(e.getKey(), merge(merged.path(e.getKey()), e.getValue()));
              }
            });
    return merged;
  }
}
