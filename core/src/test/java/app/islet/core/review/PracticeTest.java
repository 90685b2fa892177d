package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.situation.HusbandryState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/**
 * Set-ups a keeper might show are judged as {@code samples/practice.yaml} says, which was written
 * before the review was asked: everything that is Danger or Wrong, and what must be watched.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PracticeTest {
  private static final Path SAMPLES = Path.of("..", "samples");
  private static final String USUAL_DAY = "2026-03-02";

  /** One of them, and what is found in it. */
  private record SetUp(String name, JsonNode told) {
    List<String> finds() {
      return told.get("finds").valueStream().map(JsonNode::asString).toList();
    }

    HusbandryState state() throws IOException {
      Path like = SAMPLES.resolve(told.get("like").asString() + ".json");
      JsonNode design = JsonMapper.shared().readTree(Files.readString(like));
      JsonNode other = told.path("with");
      JsonNode merged = other.isMissingNode() ? design : merge(design, other);
      EnclosureDocument document =
          new DocumentReader(CareLibrary.bundled()).read(name, merged.toString());
      LocalDate day = LocalDate.parse(told.path("day").asString(USUAL_DAY));
      return HusbandryState.of(document.enclosure(), document.residents(), day);
    }

    @Override
    public String toString() {
      return name;
    }
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

  static Stream<SetUp> setUps() throws IOException {
    JsonNode all = YAMLMapper.shared().readTree(Files.readString(SAMPLES.resolve("practice.yaml")));
    return StreamSupport.stream(all.spliterator(), false)
        .map(told -> new SetUp(told.get("name").asString(), told));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("setUps")
  void a_set_up_is_judged_as_a_keeper_would(SetUp setUp) throws IOException {
    List<String> found =
        Review.of(setUp.state()).findings().stream()
            .map(f -> f.severity().word() + " " + f.rule())
            .distinct()
            .toList();
    assertThat(found).containsAll(setUp.finds());
    assertThat(found.stream().filter(f -> f.startsWith("Danger") || f.startsWith("Wrong")))
        .as("graver than it is")
        .containsExactlyInAnyOrderElementsOf(
            setUp.finds().stream().filter(f -> !f.startsWith("Watch")).toList());
  }
}
