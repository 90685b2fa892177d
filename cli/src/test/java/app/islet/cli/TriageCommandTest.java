package app.islet.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class TriageCommandTest {
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();

  private int run(String line) {
    return Main.run(
        List.of(("triage " + line).split(" ")),
        LocalDate.of(2027, 3, 1),
        new PrintStream(out, true, StandardCharsets.UTF_8),
        new PrintStream(err, true, StandardCharsets.UTF_8));
  }

  @Test
  void what_is_done_first_is_one_json_object() {
    assertThat(run("axolotl adult red-skin,gills-forward day=2 ammoniaMgPerL=1 pH=8 tempC=21"))
        .isZero();
    JsonNode answer = JsonMapper.builder().build().readTree(out.toString(StandardCharsets.UTF_8));
    assertThat(answer.get("normal").asBoolean()).isFalse();
    assertThat(answer.get("urgent").asBoolean()).isFalse();
    assertThat(answer.get("steps").get(0).asString()).startsWith("Put it into a clean");
    JsonNode first = answer.get("causes").get(0);
    assertThat(first.get("cause").asString()).isEqualTo("Ammonia or nitrite in the water");
    assertThat(first.get("because").toString()).contains("1 mg/L").contains("Gills curled");
    assertThat(answer.get("vet").asString()).contains("three days");
  }

  @Test
  void every_sign_is_listed_with_its_words() {
    assertThat(run("--signs")).isZero();
    assertThat(out.toString(StandardCharsets.UTF_8))
        .contains("red-skin Red or sore skin")
        .contains("gaping Breathes with its mouth open");
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "axolotl adult red-skn, nearest are: red-skin",
    "axolotle adult red-skin, nearest are: axolotl",
    "axolotl adlt red-skin, nearest are: adult",
    "axolotl adult, triage takes a species",
    "axolotl adult red-skin day=0, day must be a whole number from 1 to 3650 but was 0",
    "axolotl adult red-skin pH=3.9, pH must be a number from 4.0 to 11.0 but was 3.9",
    "axolotl adult red-skin tempC=NaN, tempC must be a number",
    "axolotl adult red-skin salt=3, triage knows day"
  })
  void what_is_not_understood_is_said_in_a_sentence(String line, String sentence) {
    assertThat(run(line)).isEqualTo(2);
    assertThat(out.size()).isZero();
    assertThat(err.toString(StandardCharsets.UTF_8)).contains(sentence);
  }
}
