package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Phrase;
import app.islet.core.text.UnreadableException;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/** What is seen and what is done first: common practice, no source, unless a row says otherwise. */
class TriageTest {
  private static final Pattern MEDICINE =
      Pattern.compile(
          "antibiotic|enrofloxacin|itraconazole|methylene|malachite|ivermectin|salt bath",
          Pattern.CASE_INSENSITIVE);
  private static final int MAX_WORDS = 20;

  private static CareSheet sheet(String species) {
    return CareLibrary.bundled().find(species).orElseThrow();
  }

  private static OptionalDouble number(Double typed) {
    return typed == null ? OptionalDouble.empty() : OptionalDouble.of(typed);
  }

  private static Triage triage(String species, String stage, int day, String... signs) {
    CareSheet sheet = sheet(species);
    return Triage.of(
        HealthTables.bundled(),
        new Observed(sheet, sheet.stage(stage).orElseThrow(), Set.of(signs), day, List.of()));
  }

  @ParameterizedTest(name = "{0}")
  @CsvFileSource(resources = "stories.csv", numLinesToSkip = 1)
  void a_story_begins_with_the_right_three_steps(
      String story,
      String species,
      String stageId,
      String signs,
      int day,
      Double ammonia,
      Double nitrite,
      Double tempC,
      Double ph,
      boolean normal,
      boolean urgent,
      String first,
      String cause) {
    CareSheet sheet = sheet(species);
    Stage stage = sheet.stage(stageId).orElseThrow();
    WaterFacts.Reading reading =
        new WaterFacts.Reading(number(ammonia), number(nitrite), number(tempC), number(ph));
    Triage triage =
        Triage.of(
            HealthTables.bundled(),
            new Observed(
                sheet, stage, Set.of(signs.split(" ")), day, WaterFacts.of(stage, reading)));
    assertThat(triage.isNormal()).as("normal").isEqualTo(normal);
    assertThat(triage.urgent()).as("urgent").isEqualTo(urgent);
    assertThat(triage.steps().stream().limit(3).map(AidStep::id)).containsExactly(first.split(" "));
    assertThat(triage.causes().stream().limit(1).map(likely -> likely.cause().id()))
        .containsExactlyElementsOf(cause == null ? List.of() : List.of(cause));
  }

  /**
   * One of each group with any two signs; all with each sign alone, {@link #everyPair} the rest.
   */
  @Test
  void every_path_ends_in_something_to_do_and_in_the_vet() {
    Set<AnimalGroup> seen = EnumSet.noneOf(AnimalGroup.class);
    for (CareSheet sheet : CareLibrary.bundled().all()) {
      if (seen.add(sheet.group())) {
        everyPair(sheet);
      } else {
        for (Sign sign : HealthTables.bundled().signsOf(sheet.group())) {
          sheet.stages().forEach(stage -> leadsOn(sheet, stage, sign, sign));
        }
      }
    }
  }

  @Test
  @Tag("long")
  void every_pair_of_signs_of_every_species_ends_in_something_to_do_and_in_the_vet() {
    CareLibrary.bundled().all().forEach(TriageTest::everyPair);
  }

  private static void everyPair(CareSheet sheet) {
    List<Sign> signs = HealthTables.bundled().signsOf(sheet.group());
    for (Stage stage : sheet.stages()) {
      for (int n = 0; n < signs.size(); n++) {
        for (Sign other : signs.subList(n, signs.size())) {
          leadsOn(sheet, stage, signs.get(n), other);
        }
      }
    }
  }

  private static void leadsOn(CareSheet sheet, Stage stage, Sign one, Sign other) {
    Set<String> signs = new HashSet<>(List.of(one.id(), other.id()));
    for (int day : new int[] {1, 30}) {
      Triage triage =
          Triage.of(HealthTables.bundled(), new Observed(sheet, stage, signs, day, List.of()));
      assertThat(triage.steps()).isNotEmpty();
      assertThat(triage.vet()).isNotEmpty();
      assertThat(triage.urgent()).isEqualTo(one.urgent() || other.urgent());
    }
  }

  @Test
  void every_step_is_one_short_sentence_and_none_is_a_dose() {
    for (AidStep step : HealthTables.bundled().steps()) {
      assertThat(step.text().split("\\s+").length).as(step.text()).isLessThan(MAX_WORDS);
      assertThat(step.text()).as(step.id()).endsWith(".").doesNotContain(". ");
      assertThat(TableCheck.isDose(step.text())).as(step.text()).isFalse();
      assertThat(MEDICINE.matcher(step.text()).find()).as(step.text()).isFalse();
    }
    assertThat(HealthTables.bundled().causes())
        .allSatisfy(cause -> assertThat(TableCheck.isDose(cause.advice().vet())).isFalse());
  }

  @Test
  void the_tables_name_only_what_there_is_and_use_all_of_it() {
    Set<String> signs = ids(HealthTables.bundled().signs().stream().map(Sign::id).toList());
    Set<String> steps = ids(HealthTables.bundled().steps().stream().map(AidStep::id).toList());
    Set<String> used = new HashSet<>(List.of("compare", "watch", "test-water", "read-climate"));
    HealthTables.bundled().signs().forEach(sign -> used.addAll(sign.first()));
    HealthTables.bundled().facts().forEach(row -> used.addAll(row.first()));
    HealthTables.bundled().normal().forEach(row -> used.addAll(row.steps()));
    for (Cause cause : HealthTables.bundled().causes()) {
      assertThat(signs).as(cause.id()).containsAll(cause.weights().signs().keySet());
      used.addAll(cause.advice().steps());
    }
    assertThat(used).isEqualTo(steps);
    for (Normal row : HealthTables.bundled().normal()) {
      assertThat(signs).contains(row.sign()).containsAll(row.with());
    }
    for (AnimalGroup group : AnimalGroup.values()) {
      assertThat(HealthTables.bundled().signsOf(group)).hasSizeGreaterThan(10);
    }
  }

  private static Set<String> ids(List<String> ids) {
    assertThat(ids).doesNotHaveDuplicates();
    return Set.copyOf(ids);
  }

  @Test
  void a_sign_that_is_no_sign_of_its_table_is_refused_with_its_line() {
    assertThatThrownBy(
            () ->
                HealthTables.of(
                    Map.of(
                        "causes",
                        "causes:\n  - {id: x, words: X, groups: [frog], signs: {red-skn: 3}, against: [], against-words: a, steps: [], vet: v, basis: practice}\n")))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining("red-skn")
        .hasMessageContaining("line 2");
  }

  @ParameterizedTest(name = "day {0}: normal {1}")
  @CsvSource({"1, true", "3, true", "4, false", "5, false"})
  void fasting_on_day_five_is_not_normal(int day, boolean normal) {
    assertThat(triage("fire-salamander", "larva", day, "no-appetite", "gills-shrinking").isNormal())
        .isEqualTo(normal);
  }

  @ParameterizedTest(name = "free ammonia of {0} mg/L at pH {1}: {2}")
  @CsvSource({"0.5, 7.2, false", "0.5, 8.5, true", "0, 8.5, false"})
  void only_free_ammonia_counts(double ammonia, double ph, boolean high) {
    Stage adult = sheet("axolotl").stage("adult").orElseThrow();
    WaterFacts.Reading reading =
        new WaterFacts.Reading(
            OptionalDouble.of(ammonia),
            OptionalDouble.of(0),
            OptionalDouble.of(17),
            OptionalDouble.of(ph));
    assertThat(
            WaterFacts.of(adult, reading).stream()
                .anyMatch(fact -> fact.kind() == RecordKind.AMMONIA_HIGH))
        .isEqualTo(high);
  }

  @ParameterizedTest(name = "{0} °C: {1}")
  @CsvSource({"20, ", "20.1, WARM", "17, TEMP_RIGHT", "9, COLD"})
  void the_thermometer_is_read_by_the_care_sheet(double tempC, RecordKind kind) {
    Stage larva = sheet("fire-salamander").stage("larva").orElseThrow();
    WaterFacts.Reading reading =
        new WaterFacts.Reading(
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.of(tempC),
            OptionalDouble.empty());
    assertThat(WaterFacts.of(larva, reading).stream().map(RecordedFact::kind))
        .containsExactlyElementsOf(kind == null ? List.of() : List.of(kind));
  }

  @Test
  void what_speaks_against_a_cause_makes_it_less_likely() {
    CareSheet axolotl = sheet("axolotl");
    Stage adult = axolotl.stage("adult").orElseThrow();
    RecordedFact clean = new RecordedFact(RecordKind.AMMONIA_ZERO, Phrase.of("tested as zero"));
    Triage unknown = triage("axolotl", "adult", 1, "gills-forward");
    Triage tested =
        Triage.of(
            HealthTables.bundled(),
            new Observed(axolotl, adult, Set.of("gills-forward"), 1, List.of(clean)));
    assertThat(unknown.causes().get(0).cause().id()).isEqualTo("ammonia");
    assertThat(tested.causes().get(0).cause().id()).isNotEqualTo("ammonia");
    assertThat(tested.steps()).noneMatch(step -> step.id().equals("test-water"));
  }

  @ParameterizedTest(name = "{0} {1} can show {2}: {3}")
  @CsvSource({
    "axolotl, adult, gills-forward, true",
    "fire-salamander, adult, gills-forward, false",
    "alpine-newt, larva, gills-pale, true",
    "tree-frog, frog, hums, true",
    "clawed-frog, tadpole, hums, false",
    "clawed-frog, tadpole, gills-shrinking, true",
    "clawed-frog, adult, gills-shrinking, false",
    "land-hermit, large, out-of-shell, true",
    "vampire-crab, adult, out-of-shell, false",
    "slider, hatchling, digs-restless, false",
    "slider, adult, digs-restless, true"
  })
  void only_what_a_kind_can_show_is_offered(
      String species, String stage, String sign, boolean can) {
    CareSheet sheet = sheet(species);
    assertThat(
            HealthTables.bundled().signsOf(sheet, sheet.stage(stage).orElseThrow()).stream()
                .anyMatch(s -> s.id().equals(sign)))
        .isEqualTo(can);
  }

  @Test
  void there_is_one_answer_on_the_vet_and_the_soonest_counts() {
    assertThat(triage("slider", "adult", 1, "gaping", "floats-tilted").vet())
        .isEqualTo("At once: breathes with its mouth open.");
    assertThat(triage("dwarf-frog", "adult", 1, "bloated").vet())
        .as("fluid, then a blocked gut")
        .isEqualTo("Today: the vet lets the fluid out and looks for what holds it back.");
    assertThat(triage("fire-bellied-toad", "adult", 1, "person-toxin").vet())
        .startsWith("For the person");
  }

  @Test
  void only_what_was_tested_or_entered_is_said_against_a_cause() {
    assertThat(triage("axolotl", "adult", 1, "gills-forward").causes())
        .allSatisfy(likely -> assertThat(likely.against()).isEmpty());
    CareSheet axolotl = sheet("axolotl");
    RecordedFact clean = new RecordedFact(RecordKind.AMMONIA_ZERO, Phrase.of("tested as zero"));
    Triage tested =
        Triage.of(
            HealthTables.bundled(),
            new Observed(axolotl, axolotl.grown(), Set.of("red-skin"), 1, List.of(clean)));
    assertThat(tested.causes())
        .filteredOn(likely -> likely.cause().id().equals("ammonia"))
        .singleElement()
        .satisfies(
            likely ->
                assertThat(likely.against()).contains("Ammonia and nitrite both test as zero."));
  }

  /** What strikes all of a tank is likelier where most show it, and less so where one does. */
  @Test
  void of_a_group_it_counts_how_many_show_it() {
    assertThat(first(Observed.HowMany.MOST)).isEqualTo("ammonia");
    assertThat(first(Observed.HowMany.ONE)).isEqualTo("vitamin");
  }

  private static String first(Observed.HowMany of) {
    CareSheet turtle = sheet("slider");
    Set<String> signs = Set.of("eyes-swollen", "lethargic");
    return Triage.of(
            HealthTables.bundled(), new Observed(turtle, turtle.grown(), signs, of, 1, List.of()))
        .causes()
        .get(0)
        .cause()
        .id();
  }
}
