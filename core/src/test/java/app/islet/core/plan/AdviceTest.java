package app.islet.core.plan;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.HealthNote;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Resting;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.review.Acceptance;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.Parameter;
import app.islet.core.water.Toxicity;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What is known beside the routine stands on the list of the day, and what it holds off does not.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AdviceTest {
  private static final int STATES = 1000;

  private static WaterTest test(int daysAgo, double ammonia, double nitrite) {
    Map<Parameter, Double> values = new EnumMap<>(Parameter.class);
    values.put(Parameter.AMMONIA, ammonia);
    values.put(Parameter.NITRITE, nitrite);
    values.put(Parameter.PH, 7.8);
    return new WaterTest(TODAY.minusDays(daysAgo), values);
  }

  private static HusbandryState state(Enclosure e, WaterRecord record, Resident... some) {
    return HusbandryState.of(e, List.of(some), TODAY, record);
  }

  private static WaterRecord record(WaterTest... tests) {
    return new WaterRecord(List.of(tests), List.of());
  }

  private static List<DueTask> day(HusbandryState s, int days, Completion... history) {
    return DayList.on(TODAY.plusDays(days), Planner.plan(s), TODAY.minusDays(30), List.of(history));
  }

  private static List<TaskKind> kinds(List<DueTask> list) {
    return list.stream().map(due -> due.task().kind()).toList();
  }

  private static Optional<String> amount(List<DueTask> list, String key) {
    return list.stream()
        .filter(due -> due.task().key().equals(key))
        .map(due -> due.amount().text(UnitSystem.METRIC))
        .findFirst();
  }

  /**
   * As the tests of an axolotls' tank say: which kinds must be on the list of the day and which
   * must not. Nitrite and ammonia in mg/L as nitrogen.
   */
  @ParameterizedTest(name = "ammonia {0}, nitrite {1}, {2} days ago: {3}, not {4}")
  @CsvSource({
    "0, 0, 1, FEED, HOLD",
    "0, 0.05, 1, FEED, HOLD",
    "0, 0.3, 0, HOLD TEST WATER_CHANGE, FEED SUPPLEMENT RINSE_FILTER",
    "0, 0.6, 0, HOLD TEST WATER_CHANGE, FEED SUPPLEMENT RINSE_FILTER",
    "3, 0, 0, HOLD TEST WATER_CHANGE, FEED SUPPLEMENT RINSE_FILTER",
    "0, 0, 20, FEED, HOLD",
  })
  void the_list_of_the_day_follows_the_tests(
      double ammonia, double nitrite, int daysAgo, String there, String away) {
    List<DueTask> list =
        day(state(axolotlTank(), record(test(daysAgo, ammonia, nitrite)), axolotls(2, 22)), 0);
    List<String> kinds = kinds(list).stream().map(Enum::name).toList();
    assertThat(kinds).contains(there.split(" ")).doesNotContain(away.split(" "));
  }

  /** 160 L with 0.3 mg/L of nitrite, 0.1 is the limit: two changes of 42 %, 67.6 L each. */
  @Test
  void the_litres_are_those_of_the_waters_page() {
    HusbandryState s = state(axolotlTank(), record(test(0, 0, 0.3)), axolotls(2, 22));
    Toxicity p = Toxicity.of(s.waterState(), TODAY).orElseThrow();
    assertThat(p.changes()).isEqualTo(2);
    DueTask change =
        day(s, 0).stream()
            .filter(due -> due.task().key().equals(Planner.WATER_CHANGE))
            .findFirst()
            .orElseThrow();
    assertThat(change.task().title().text(UnitSystem.METRIC)).isEqualTo("Change 67.6 L now");
    assertThat(amount(day(s, 0), "hold:food").orElseThrow())
        .isEqualTo(
            "Nitrite 0.99 mg/L (as the ion); again when ammonia shows none and nitrite is under 0.33 mg/L");
    assertThat(
            ChangeDay.of(s, List.of()).orElseThrow().steps().stream()
                .map(step -> step.what().text(UnitSystem.METRIC)))
        .as("and step by step")
        .contains("Siphon out 67.6 L");
    assertThat(kinds(day(s, 1))).as("and tomorrow").contains(TaskKind.HOLD, TaskKind.TEST);
    assertThat(Stream.of(2, 3, 4).flatMap(n -> kinds(day(s, n)).stream()))
        .as("nobody knows yet")
        .contains(TaskKind.FEED);
  }

  @Test
  void a_logged_change_settles_what_was_asked_and_a_clear_test_lifts_the_hold() {
    HusbandryState bad = state(axolotlTank(), record(test(0, 0, 0.3)), axolotls(2, 22));
    Completion changed = new Completion(Planner.WATER_CHANGE, TODAY, 1, false);
    assertThat(day(bad, 0, changed))
        .filteredOn(due -> due.task().key().equals(Planner.WATER_CHANGE))
        .singleElement()
        .satisfies(due -> assertThat(due.settled()).isTrue());
    HusbandryState well =
        state(axolotlTank(), record(test(1, 0, 0.3), test(0, 0, 0)), axolotls(2, 22));
    assertThat(amount(day(well, 0), "hold:food")).isEmpty();
    assertThat(kinds(day(well, 0))).contains(TaskKind.FEED);
  }

  @Test
  void a_hold_that_a_keeper_declined_holds_nothing_that_day() {
    HusbandryState bad = state(axolotlTank(), record(test(0, 0, 0.3)), axolotls(2, 22));
    Acceptance word =
        new Acceptance(
            "hold:food", "", Severity.WATCH, "The vet said otherwise.", TODAY.plusDays(1));
    Plan plan = Planner.plan(bad).declining(List.of(word));
    List<DueTask> list = DayList.on(TODAY, plan, TODAY.minusDays(30), List.of());
    assertThat(kinds(list)).contains(TaskKind.FEED);
    assertThat(list)
        .filteredOn(due -> due.task().key().equals("hold:food"))
        .singleElement()
        .satisfies(due -> assertThat(due.settled()).isTrue())
        .satisfies(
            due ->
                assertThat(due.amount().text(UnitSystem.METRIC))
                    .isEqualTo("Declined until 3 Mar 2026: The vet said otherwise."));
    List<DueTask> tomorrow = DayList.on(TODAY.plusDays(1), plan, TODAY.minusDays(30), List.of());
    assertThat(kinds(tomorrow)).as("asked again").doesNotContain(TaskKind.FEED);
  }

  @Test
  void what_was_fed_before_the_test_stays_on_the_list_as_done() {
    HusbandryState bad = state(axolotlTank(), record(test(0, 0, 0.3)), axolotls(2, 22));
    String meal =
        Planner.plan(bad).tasks().stream()
            .filter(task -> task.kind() == TaskKind.FEED)
            .map(Task::key)
            .findFirst()
            .orElseThrow();
    assertThat(day(bad, 0, new Completion(meal, TODAY, 1, false)))
        .filteredOn(due -> due.task().kind() == TaskKind.FEED)
        .allSatisfy(due -> assertThat(due.settled()).isTrue());
  }

  /** 20 mg/L as the ion is the target of amphibians, 4.52 as nitrogen: twice that is halved. */
  @Test
  void nitrate_over_its_target_is_changed_away() {
    WaterRecord high =
        record(new WaterTest(TODAY, Map.of(Parameter.NITRATE, 9.0, Parameter.AMMONIA, 0.0)));
    List<DueTask> list = day(state(axolotlTank(), high, axolotls(2, 22)), 0);
    assertThat(amount(list, Planner.WATER_CHANGE)).contains("50 % of it");
    WaterRecord fair = record(new WaterTest(TODAY, Map.of(Parameter.NITRATE, 5.0)));
    assertThat(Planner.plan(state(axolotlTank(), fair, axolotls(2, 22))).advice()).isEmpty();
  }

  /** 160 L from 2.5 to 2 g/kg and less: fresh water, at most 2 g/kg a day. */
  @Test
  void salt_that_wandered_is_led_back_by_the_steps_of_the_waters_page() {
    HusbandryState s =
        state(
            axolotlTank(),
            record(new WaterTest(TODAY, Map.of(Parameter.SALINITY, 5.0))),
            axolotls(2, 22));
    double litres = s.waterState().saltWay().get(0).freshL();
    assertThat(litres).isPositive();
    assertThat(amount(day(s, 0), "salt").orElseThrow())
        .startsWith(Quantity.litres(litres).text(UnitSystem.METRIC));
    assertThat(kinds(day(s, 0))).as("it still eats").contains(TaskKind.SPOT_CLEAN);
  }

  /** Those that leave the water are looked at from two weeks before; axolotls keep their gills. */
  @Test
  void larvae_about_to_change_are_looked_at() {
    Enclosure tub = tank(40, 30, 20, 6);
    assertThat(looks(state(tub, record(), animals("fire-salamander", 1, 5.3)))).hasSize(1);
    assertThat(looks(state(tub, record(), animals("fire-salamander", 1, 3)))).isEmpty();
    assertThat(looks(state(tub, record(), animals("axolotl", 1, 4.9)))).isEmpty();
  }

  private static List<DueTask> looks(HusbandryState s) {
    return day(s, 0).stream().filter(due -> due.task().key().startsWith("change-of-form")).toList();
  }

  /** A test of three weeks ago says nothing of today: up to two weeks it does. */
  @Test
  void an_old_test_holds_nothing_off() {
    HusbandryState fresh = state(axolotlTank(), record(test(14, 0, 0.6)), axolotls(2, 22));
    assertThat(amount(day(fresh, 0), "hold:food")).isPresent();
    HusbandryState old = state(axolotlTank(), record(test(15, 0, 0.6)), axolotls(2, 22));
    assertThat(amount(day(old, 0), "hold:food")).isEmpty();
  }

  @Test
  void nobody_in_it_nobody_is_held_off() {
    assertThat(Planner.plan(state(axolotlTank(), record(test(0, 2, 2)))).advice()).isEmpty();
  }

  @Test
  void who_rests_is_not_fed_whatever_the_tests_say() {
    Resident newts =
        animals("alpine-newt", 4, 9)
            .resting(new Resting(LocalDate.of(2026, 2, 1), Optional.empty()));
    List<TaskKind> kinds = kinds(day(state(tank(80, 40, 45, 28), record(), newts), 0));
    assertThat(kinds).doesNotContain(TaskKind.FEED, TaskKind.MEASURE).contains(TaskKind.CHECK);
  }

  /** Of random tests, changes and animals: what a hold names is not on the list, no act twice. */
  @Test
  void no_list_asks_for_what_it_holds_off_or_for_one_act_twice() {
    Random random = new Random(36);
    for (int n = 0; n < STATES; n++) {
      HusbandryState s = random(random);
      Plan plan = Planner.plan(s);
      for (int day = 0; day < 4; day++) {
        List<DueTask> list = day(s, day);
        LocalDate on = TODAY.plusDays(day);
        List<Advice> holding = plan.advice().stream().filter(advice -> advice.holdsOn(on)).toList();
        assertThat(list)
            .noneMatch(due -> holding.stream().anyMatch(advice -> advice.stops(due.task())));
        assertThat(holding)
            .as("each is a task or a hold of that day, or a graver one says it")
            .allMatch(advice -> isSaid(advice, list, holding));
        assertThat(list.stream().map(due -> due.task().key() + " " + due.slot()))
            .doesNotHaveDuplicates();
      }
      List<Advice> shuffled = new ArrayList<>(plan.advice());
      Collections.shuffle(shuffled, random);
      assertThat(Composer.compose(TODAY, List.of(), shuffled, List.of()))
          .containsExactlyInAnyOrderElementsOf(
              Composer.compose(TODAY, List.of(), plan.advice(), List.of()));
    }
  }

  private static boolean isSaid(Advice advice, List<DueTask> list, List<Advice> holding) {
    return list.stream().anyMatch(due -> due.task().key().equals(advice.task().key()))
        || holding.stream().anyMatch(h -> h.covers(advice) || h.stops(advice.task()));
  }

  private static Resident noted(Random random, Resident r) {
    Set<HealthNote.Spared> spares =
        Stream.of(HealthNote.Spared.values())
            .filter(what -> random.nextBoolean())
            .collect(Collectors.toSet());
    int ago = random.nextInt(9);
    HealthNote note =
        new HealthNote(
            (random.nextBoolean() ? "course:" : "case:") + random.nextInt(1_000_000),
            "something",
            List.of("Do it."),
            TODAY.minusDays(ago),
            Optional.of(TODAY.minusDays(random.nextInt(ago + 1))),
            random.nextInt(3),
            spares,
            random.nextBoolean());
    return random.nextInt(3) == 0 ? r : r.noted(List.of(note));
  }

  private static HusbandryState random(Random random) {
    List<WaterTest> tests =
        Stream.generate(() -> random.nextInt(20))
            .limit(random.nextInt(6))
            .distinct()
            .sorted(Collections.reverseOrder())
            .map(
                days ->
                    test(
                        days,
                        Math.max(0, random.nextGaussian()),
                        Math.max(0, random.nextGaussian() / 2)))
            .toList();
    List<WaterEvent> events =
        random.nextBoolean()
            ? List.of(
                new WaterEvent(TODAY.minusDays(random.nextInt(9)), WaterEvent.Kind.RINSED_TAP, 0))
            : List.of();
    Resident[] some =
        random.nextBoolean()
            ? new Resident[] {axolotls(1 + random.nextInt(3), 22)}
            : new Resident[] {animals("slider", 1, 9), animals("slider", 1, 10)};
    Resident[] noted = Stream.of(some).map(r -> noted(random, r)).toArray(Resident[]::new);
    return state(axolotlTank(), new WaterRecord(tests, events), noted);
  }
}
