package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.CareSheetReader;
import app.islet.core.care.Evidence;
import app.islet.core.enclosure.Enclosure;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A Danger rests on what is published or commonly practised, never on memory alone. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DangerBasisTest {
  private static final String HARM = "water: {ideal: [15, 18], tolerated: [8, 20], harm: [4, 22],";

  private static Severity inTheWarm(CareSheet sheet) {
    Resident axolotls =
        new Resident(
            "They",
            sheet,
            2,
            0,
            0,
            OptionalDouble.of(22),
            OptionalDouble.empty(),
            Optional.empty());
    return Setups.finding(
            "too-warm-in-summer", Setups.axolotlTank().withSite(Setups.steady(27)), axolotls)
        .orElseThrow()
        .severity();
  }

  @Test
  void what_only_memory_calls_harmful_is_wrong_and_no_danger() {
    String practice = CareLibrary.bundledText("axolotl");
    String memory = practice.replace(HARM + " basis: practice}", HARM + " basis: memory}");
    assertThat(memory).isNotEqualTo(practice);
    assertThat(inTheWarm(CareSheetReader.read("a", practice))).isEqualTo(Severity.DANGER);
    assertThat(inTheWarm(CareSheetReader.read("a", memory))).isEqualTo(Severity.WRONG);
  }

  /** How wide a mouth opens is from memory; half the length as the limit is common practice. */
  @ParameterizedTest(name = "{0} cm beside a clawed frog of 10 cm: {1}")
  @CsvSource({"2.5, DANGER", "4.99, DANGER", "5.01, WRONG"})
  void two_considerations_make_a_danger_of_a_mouth(double smallCm, Severity severity) {
    Enclosure pool = Setups.sliderPool();
    Finding finding =
        Setups.finding(
                "one-eats-another",
                pool,
                Setups.animals("clawed-frog", 1, 10),
                Setups.animals("fire-bellied-toad", 1, smallCm))
            .orElseThrow();
    assertThat(finding.severity()).isEqualTo(severity);
  }

  @Test
  void no_sheet_that_ships_calls_a_danger_from_memory() {
    List<Finding> dangers =
        CareLibrary.bundled().all().stream()
            .flatMap(sheet -> sheet.stages().stream().map(s -> Setups.stage(sheet, s, 1)))
            .flatMap(
                r ->
                    List.of(Setups.tank(100, 50, 60, 55), Setups.tank(100, 50, 60, 0)).stream()
                        .flatMap(e -> Setups.review(e, r).stream()))
            .filter(f -> f.severity() == Severity.DANGER)
            .toList();
    assertThat(dangers).hasSizeGreaterThan(100);
    assertThat(dangers).noneMatch(f -> f.basis().kind() == Evidence.Kind.MEMORY);
  }
}
