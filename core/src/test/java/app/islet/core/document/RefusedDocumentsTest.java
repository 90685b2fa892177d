package app.islet.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.care.CareLibrary;
import app.islet.core.text.UnreadableException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is missing or null in a document is a sentence with its place, never a failure of ours. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RefusedDocumentsTest {
  private static final DocumentReader READER = new DocumentReader(CareLibrary.bundled());

  /** The least that is a document, field by field. */
  private static Map<String, String> whole() {
    Map<String, String> fields = new LinkedHashMap<>();
    fields.put("islet", "\"enclosure\"");
    fields.put("version", "1");
    fields.put("name", "\"Tank\"");
    fields.put("vessel", "{\"lengthCm\": 60, \"widthCm\": 30, \"heightCm\": 30}");
    fields.put("water", "{\"depthCm\": 10}");
    fields.put("ground", "{\"material\": \"sand\", \"depthCm\": 2}");
    fields.put("lid", "\"none\"");
    return fields;
  }

  private static String with(String field, String value) {
    Map<String, String> fields = whole();
    if (value.isEmpty()) {
      fields.remove(field);
    } else {
      fields.put(field, value);
    }
    return fields.entrySet().stream()
        .map(e -> "\"%s\": %s".formatted(e.getKey(), e.getValue()))
        .collect(Collectors.joining(", ", "{", "}"));
  }

  private static List<String> problems(String json) {
    try {
      READER.read("tank.json", json);
      return List.of();
    } catch (UnreadableException e) {
      return e.problems().stream().map(p -> p.path() + ": " + p.sentence()).toList();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"name", "vessel", "water", "ground", "lid"})
  void what_must_be_there_is_named_where_it_is_not(String field) {
    for (String value : List.of("", "null")) {
      assertThat(problems(with(field, value)))
          .singleElement()
          .asString()
          .startsWith("/" + field + ": this is missing");
    }
  }

  @Test
  void all_that_is_missing_is_told_at_once() {
    assertThat(problems("{\"islet\": \"enclosure\", \"version\": 1}"))
        .extracting(p -> p.replaceAll(":.*", ""))
        .containsExactlyInAnyOrder("/name", "/vessel", "/water", "/ground", "/lid");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"land", "platform", "equipment", "furnishings", "conditions", "site", "residents"})
  void what_may_be_left_out_may_be_null_too(String field) {
    assertThat(problems(with(field, "null"))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '\'',
      value = {
        "equipment | [null]",
        "residents | [null]",
        "furnishings | {\"parts\": [null]}",
        "furnishings | {\"dishes\": [null]}",
        "ground | {\"material\": \"sand\", \"depthCm\": 2, \"below\": [null]}",
        "residents | [{\"species\": null}]",
        "equipment | [{\"kind\": null}]",
        "site | {}",
        "land | {\"sharePercent\": null}",
        "vessel | []",
        "name | \"a\\u0000b\"",
      })
  void what_is_null_inside_is_refused_with_its_place(String field, String value) {
    assertThat(problems(with(field, value)))
        .isNotEmpty()
        .allSatisfy(p -> assertThat(p).startsWith("/" + field));
  }

  @ParameterizedTest
  @ValueSource(strings = {"null", "[]", "1", "\"x\"", "", "{"})
  void what_is_no_document_at_all_is_refused(String json) {
    assertThatThrownBy(() -> READER.read("tank.json", json))
        .isInstanceOf(UnreadableException.class);
  }
}
