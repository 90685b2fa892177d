package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.text.UnreadableException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HealthTablesTest {
  @ParameterizedTest
  @MethodSource("app.islet.core.health.HealthTables#names")
  void each_table_taken_out_and_brought_in_again_is_the_same(String name) {
    assertThat(HealthTables.of(Map.of(name, HealthTables.text(name))))
        .isEqualTo(HealthTables.bundled());
  }

  @Test
  void a_keepers_own_step_is_in_the_answer_with_the_keepers_reason() {
    String own =
        HealthTables.text("steps")
            .replaceFirst(
                "(?m)^  - \\{id: watch,.*$",
                "  - {id: watch, order: watch, text: \"Look again at dusk.\", basis: \"keeper: they hide by day here\"}");
    CareSheet frog = CareLibrary.bundled().find("dwarf-frog").orElseThrow();
    Triage triage =
        Triage.of(
            HealthTables.of(Map.of("steps", own)),
            new Observed(frog, frog.stages().get(0), Set.of("lumps"), 1, List.of()));
    assertThat(triage.steps()).extracting(AidStep::text).contains("Look again at dusk.");
  }

  @ParameterizedTest(name = "{0} without {1}: {2}")
  @CsvSource({
    "steps, watch, 'every answer asks for the step \"watch\"'",
    "steps, leave-alone, 'asks for the step \"leave-alone\"'",
    "courses, quarantine, 'courses has no \"quarantine\"'"
  })
  void a_table_without_a_row_that_others_need_is_refused(
      String table, String row, String sentence) {
    String own =
        HealthTables.text(table).replaceAll("(?m)^  - \\{id: " + row + ",(.|\\n    )*", "");
    assertThatThrownBy(() -> HealthTables.of(Map.of(table, own)))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining(sentence);
  }

  @ParameterizedTest(name = "{0}: a dose {1}")
  @CsvSource({
    "Give 5 mg of it once., true",
    "Give 2 drops into the water., true",
    "Dip it for 10 to 15 seconds., false",
    "Change all 4 tubs., false"
  })
  void a_dose_is_the_vets(String sentence, boolean dose) {
    assertThat(TableCheck.isDose(sentence)).isEqualTo(dose);
    String own =
        HealthTables.text("steps")
            .replaceFirst(
                "(?m)^  - \\{id: watch,.*$",
                "  - {id: watch, order: watch, text: \"" + sentence + "\", basis: practice}");
    if (dose) {
      assertThatThrownBy(() -> HealthTables.of(Map.of("steps", own)))
          .hasMessageContaining("names a dose");
    } else {
      assertThat(HealthTables.of(Map.of("steps", own)).step("watch").text()).isEqualTo(sentence);
    }
  }

  @Test
  void two_rows_of_one_id_are_refused() {
    String text = HealthTables.text("signs");
    String first =
        text.lines().filter(line -> line.startsWith("  - {id:")).findFirst().orElseThrow();
    assertThatThrownBy(() -> HealthTables.of(Map.of("signs", text + first + "\n")))
        .hasMessageContaining("each id is given once");
  }

  @Test
  void a_row_that_cannot_be_read_is_named_with_its_line() {
    assertThatThrownBy(() -> HealthTables.of(Map.of("courses", "courses:\n  - {id: x, name: X}\n")))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining("line 2");
  }

  @Test
  void every_group_has_signs_courses_and_a_skin() {
    for (AnimalGroup group : AnimalGroup.values()) {
      assertThat(HealthTables.bundled().coursesOf(group)).isNotEmpty();
      assertThat(HealthTables.bundled().skin(group).group()).isEqualTo(group);
    }
  }
}
