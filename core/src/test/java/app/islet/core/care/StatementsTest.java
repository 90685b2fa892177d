package app.islet.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.quantity.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class StatementsTest {
  private static final CareSheet SLIDER = CareLibrary.bundled().find("slider").orElseThrow();

  private static List<String> said(Stage stage, UnitSystem units) {
    return Statements.of(stage).stream().map(s -> s.about() + ": " + s.text().text(units)).toList();
  }

  @Test
  void a_stage_is_told_in_the_keepers_units() {
    Stage adult = SLIDER.stageAt(18);
    assertThat(said(adult, UnitSystem.METRIC))
        .contains("Water temperature: 23 to 26 °C; tolerated 18 to 29 °C; harm outside 10 to 33 °C")
        .contains("UVB tube: serves 6 months");
    // Common practice, no source: 10 US gal for each inch of carapace.
    assertThat(said(adult, UnitSystem.US))
        .contains("Volume: 10 gal/in of its length")
        .anyMatch(s -> s.startsWith("Water temperature: 73.4 to 78.8 °F"));
  }

  @Test
  void every_sentence_of_every_sheet_has_its_numbers_filled_in() {
    for (CareSheet sheet : CareLibrary.bundled().all()) {
      for (Stage stage : sheet.stages()) {
        assertThat(said(stage, UnitSystem.US)).as(sheet.id()).noneMatch(s -> s.contains("{"));
      }
      assertThat(Statements.of(sheet))
          .as(sheet.id())
          .allMatch(s -> !s.text().text(UnitSystem.METRIC).contains("{"));
    }
  }

  @Test
  void a_school_is_told_by_what_it_says_otherwise() {
    for (CareSheet sheet : CareLibrary.bundled().all()) {
      assertThat(Statements.otherwise(sheet, sheet)).isEmpty();
      assertThat(sheet.otherSchools())
          .as("every school of %s changes something", sheet.id())
          .allMatch(school -> !Statements.otherwise(sheet, school).isEmpty());
    }
    assertThat(Statements.otherwise(SLIDER, SLIDER.as("Twelve months for a tube")))
        .extracting(Statement::about)
        .containsExactly("Hatchling, UVB tube", "Juvenile, UVB tube", "Adult, UVB tube");
  }
}
