package app.islet.core.animal;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AnimalTodayTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
  private static final CareSheet SALAMANDER =
      CareLibrary.bundled().find("fire-salamander").orElseThrow();
  private static final CareSheet AXOLOTL = CareLibrary.bundled().find("axolotl").orElseThrow();
  private static final CareSheet FROG = CareLibrary.bundled().find("dwarf-frog").orElseThrow();
  private static final AnimalFacts.Life NOTHING =
      new AnimalFacts.Life(false, Optional.empty(), Optional.empty(), Optional.empty());

  private static AnimalToday today(
      CareSheet sheet, Optional<String> stated, AnimalFacts.Life life, Sizing... sizes) {
    return AnimalToday.of(
        new AnimalFacts(
            "Kin",
            sheet,
            Heads.of(3),
            Keeping.USUAL.at(stated).arrived(TODAY.minusDays(100)),
            life,
            List.of(),
            List.of(sizes)),
        TODAY);
  }

  private static AnimalFacts.Life raised(Stage stage, int daysAgo, boolean seen, boolean last) {
    return new AnimalFacts.Life(
        false,
        Optional.of(new RaisedStage(stage, TODAY.minusDays(daysAgo), seen, last)),
        Optional.of(TODAY.minusDays(daysAgo + 20)),
        Optional.empty());
  }

  private static Sizing cm(int daysAgo, double cm) {
    return new Sizing(
        TODAY.minusDays(daysAgo),
        OptionalDouble.of(cm),
        OptionalDouble.empty(),
        OptionalDouble.empty());
  }

  private static void assertStage(AnimalToday animal, String stage, StageBasis basis) {
    assertThat(animal.resident().stage().id()).isEqualTo(stage);
    assertThat(animal.basis()).isEqualTo(basis);
  }

  @Test
  void of_whom_nothing_is_known_is_taken_as_grown() {
    assertStage(today(AXOLOTL, Optional.empty(), NOTHING), "adult", StageBasis.USUAL);
  }

  @Test
  void an_age_tells_the_stage_where_nothing_was_measured() {
    // The sheet: larva to 2 months, juvenile from 2 to 10, adult from 8; half way where they
    // overlap.
    assertStage(today(AXOLOTL, Optional.empty(), hatched(60)), "larva", StageBasis.AGE);
    assertStage(today(AXOLOTL, Optional.empty(), hatched(61)), "juvenile", StageBasis.AGE);
    assertStage(today(AXOLOTL, Optional.empty(), hatched(273)), "juvenile", StageBasis.AGE);
    assertStage(today(AXOLOTL, Optional.empty(), hatched(274)), "adult", StageBasis.AGE);
  }

  @Test
  void a_length_goes_before_the_age_and_a_stage_the_keeper_names_before_both() {
    assertStage(
        today(AXOLOTL, Optional.empty(), hatched(3000), cm(3, 7)), "juvenile", StageBasis.LENGTH);
    assertStage(
        today(AXOLOTL, Optional.of("larva"), hatched(3000), cm(300, 7)),
        "larva",
        StageBasis.STATED);
  }

  @Test
  void a_larva_of_a_batch_is_one_whatever_was_stated_or_measured_of_its_parents() {
    Stage larva = SALAMANDER.stage("larva").orElseThrow();
    assertStage(
        today(SALAMANDER, Optional.of("adult"), raised(larva, 10, true, false), cm(40, 18)),
        "larva",
        StageBasis.BATCH_SEEN);
    assertStage(
        today(SALAMANDER, Optional.empty(), raised(larva, 10, false, false)),
        "larva",
        StageBasis.BATCH_FORECAST);
  }

  @Test
  void after_the_last_stage_of_its_batch_an_animal_grows_on() {
    Stage metamorph = SALAMANDER.stage("metamorph").orElseThrow();
    assertStage(
        today(SALAMANDER, Optional.empty(), raised(metamorph, 30, true, true)),
        "metamorph",
        StageBasis.BATCH_SEEN);
    assertStage(
        today(SALAMANDER, Optional.empty(), raised(metamorph, 2500, true, true)),
        "adult",
        StageBasis.AGE);
  }

  @Test
  void eggs_go_before_everything_where_the_sheet_knows_them() {
    CareSheet laying =
        CareLibrary.bundled().all().stream()
            .filter(s -> s.stages().stream().anyMatch(stage -> stage.hatch().isPresent()))
            .findFirst()
            .orElseThrow();
    AnimalFacts.Life eggs =
        new AnimalFacts.Life(true, Optional.empty(), Optional.empty(), Optional.empty());
    AnimalToday animal = today(laying, Optional.of("adult"), eggs, cm(1, 5));
    assertThat(animal.resident().stage().hatch()).isPresent();
    assertThat(animal.basis()).isEqualTo(StageBasis.EGGS);
  }

  @Test
  void lengths_of_the_tadpole_say_nothing_of_the_frog() {
    Stage froglet = FROG.stage("froglet").orElseThrow();
    AnimalToday frog =
        today(FROG, Optional.empty(), raised(froglet, 5, true, false), cm(20, 2.4), cm(2, 1.4));
    assertThat(frog.lengths()).extracting(Measure::lengthCm).containsExactly(1.4);
    assertThat(frog.formSince()).contains(TODAY.minusDays(5));
    AnimalToday unmeasured =
        today(FROG, Optional.empty(), raised(froglet, 5, true, false), cm(20, 2.4));
    assertThat(unmeasured.resident().lengthCm()).isEmpty();
  }

  @Test
  void what_is_measured_later_does_not_count_yet() {
    AnimalToday animal = today(AXOLOTL, Optional.empty(), NOTHING, cm(-2, 7));
    assertStage(animal, "adult", StageBasis.USUAL);
    assertThat(animal.sizes()).isEmpty();
  }

  private static AnimalFacts.Life hatched(int daysAgo) {
    return new AnimalFacts.Life(
        false, Optional.empty(), Optional.of(TODAY.minusDays(daysAgo)), Optional.empty());
  }
}
