package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Samples;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.situation.HusbandryState;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * Set-ups a keeper might show are judged as {@code samples/practice.yaml} says, which was written
 * before the review was asked: everything that is Danger or Wrong, and what must be watched.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PracticeTest {
  /** One of them, and what is found in it. */
  private record SetUp(String name, JsonNode told) {
    List<String> finds() {
      return told.get("finds").valueStream().map(JsonNode::asString).toList();
    }

    HusbandryState state() throws IOException {
      EnclosureDocument document = Samples.read(told);
      return HusbandryState.of(document.enclosure(), document.residents(), Samples.day(told));
    }

    @Override
    public String toString() {
      return name;
    }
  }

  static Stream<SetUp> setUps() throws IOException {
    return Samples.told("practice.yaml").map(told -> new SetUp(told.get("name").asString(), told));
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
