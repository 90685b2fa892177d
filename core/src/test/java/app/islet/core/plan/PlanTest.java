package app.islet.core.plan;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.Assessment;
import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.Food;
import app.islet.core.care.Often;
import app.islet.core.care.OwnMenu;
import app.islet.core.care.Recurrence;
import app.islet.core.care.Role;
import app.islet.core.care.Turn;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.UnitSystem;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PlanTest {
  private static Plan plan(Enclosure e, Resident... residents) {
    return Assessment.of(e, List.of(residents), TODAY).plan();
  }

  private static Task task(String key, TaskKind kind, Recurrence recurrence) {
    return new Task(
        key,
        kind,
        Phrase.of(key),
        Phrase.of("some"),
        Phrase.of(""),
        recurrence,
        1,
        Evidence.PRACTICE);
  }

  private static List<DueTask> on(LocalDate day, Task task, Completion... history) {
    return DayList.on(day, new Plan(List.of(task)), TODAY, List.of(history));
  }

  @Test
  void the_filter_is_never_cared_for_on_the_day_of_a_large_change() {
    Task large = task("large-change", TaskKind.WATER_CHANGE, Recurrence.every(28));
    Task rinse = task("rinse-filter", TaskKind.RINSE_FILTER, Recurrence.every(28));
    Plan plan = new Plan(List.of(large, rinse));
    LocalDate day = TODAY.plusDays(28);
    assertThat(keys(DayList.on(day, plan, TODAY, List.of()))).containsExactly("large-change");
    List<Completion> changed = List.of(new Completion("large-change", day, 1, false));
    assertThat(keys(DayList.on(day, plan, TODAY, changed))).containsExactly("large-change");
    assertThat(keys(DayList.on(day.plusDays(1), plan, TODAY, changed)))
        .as("it waits a day")
        .containsExactly("rinse-filter");
    List<Completion> rinsed = List.of(new Completion("rinse-filter", day, 1, false));
    assertThat(keys(DayList.on(day, plan, TODAY, rinsed)))
        .as("and the change waits for one who rinsed first")
        .containsExactly("rinse-filter");
    assertThat(keys(DayList.on(day.plusDays(3), plan, TODAY, List.of())))
        .as("a change long overdue does not hold it up")
        .contains("rinse-filter");
  }

  private static List<String> keys(List<DueTask> list) {
    return list.stream().map(due -> due.task().key()).toList();
  }

  @Test
  void schools_bring_their_own_work() {
    Resident hermits = Setups.animals("land-hermit", 3, 2);
    Enclosure box = Setups.tank(90, 45, 50, 5);
    assertThat(kinds(box, hermits)).doesNotContain(TaskKind.BATHE).contains(TaskKind.SUPPLEMENT);
    assertThat(kinds(box, hermits.by("A bath every week"))).contains(TaskKind.BATHE);
    Resident slider = Setups.animals("slider", 1, 18);
    assertThat(titles(Setups.sliderPool(), slider)).noneMatch(t -> t.contains("the large one"));
    assertThat(titles(Setups.sliderPool(), slider.by("Weekly fifth, monthly half")))
        .contains("Change 320 L, the large one", "Change 128 L");
    assertThat(kinds(Setups.sliderPool(), slider.by("New cartridges monthly")))
        .contains(TaskKind.NEW_MEDIA);
  }

  private static List<TaskKind> kinds(Enclosure e, Resident r) {
    return Assessment.of(e, List.of(r), TODAY).plan().tasks().stream().map(Task::kind).toList();
  }

  private static List<String> titles(Enclosure e, Resident r) {
    return Assessment.of(e, List.of(r), TODAY).plan().tasks().stream()
        .map(task -> task.title().text(UnitSystem.METRIC))
        .toList();
  }

  @Test
  void amounts_are_exact_and_add_up() {
    Task worm = plan(axolotlTank(), axolotls(2, 22)).task("feed:they:earthworm").orElseThrow();
    assertThat(worm.amount().text(UnitSystem.METRIC))
        .isEqualTo("4 pieces of earthworm as long as the head is wide each, 8 in all");
    assertThat(worm.recurrence().words()).isEqualTo("every 2 days");
  }

  @Test
  void a_water_change_is_a_share_of_the_litres_there_are() {
    Task change = plan(axolotlTank(), axolotls(2, 22)).task("water-change").orElseThrow();
    assertThat(change.title().text(UnitSystem.METRIC)).isEqualTo("Change 40 L");
    assertThat(change.title().text(UnitSystem.US)).isEqualTo("Change 10.6 gal");
    assertThat(change.amount().text(UnitSystem.METRIC))
        .isEqualTo("40 L of 160 L (25 %), 4 buckets of 10 L");
    assertThat(change.how().text(UnitSystem.US))
        .startsWith("New water at 59 to 64.4 °F. Dechlorinate");
  }

  @Test
  void a_weighed_portion_follows_the_scales_not_the_ruler() {
    Resident measured = animals("slider", 1, 18);
    Resident weighed =
        new Resident(
            "They",
            measured.sheet(),
            1,
            0,
            0,
            OptionalDouble.of(18),
            OptionalDouble.of(800),
            Optional.empty());
    Task byLength = plan(sliderPool(), measured).task("feed:they:pellets").orElseThrow();
    Task byMass = plan(sliderPool(), weighed).task("feed:they:pellets").orElseThrow();
    assertThat(byMass.amount().text(UnitSystem.METRIC)).isEqualTo("4 g of pellets");
    assertThat(byLength.how().text(UnitSystem.METRIC)).contains("weigh it");
    assertThat(byMass.how().text(UnitSystem.METRIC)).doesNotContain("weigh it");
  }

  @Test
  void the_stage_decides_the_menu_and_the_change_is_told() {
    Resident small = axolotls(1, 14.5);
    Resident grown = axolotls(1, 15);
    Plan before = plan(axolotlTank(), small);
    Plan after = plan(axolotlTank(), grown);
    PlanChange change = PlanChange.between(small, grown, before, after);
    assertThat(change.why().text(UnitSystem.METRIC))
        .isEqualTo(
            "They: from the stage \"juvenile\" to \"adult\" (over 15 cm; males with a swollen vent).");
    assertThat(change.lines().stream().map(l -> l.text(UnitSystem.METRIC)))
        .anyMatch(l -> l.startsWith("New: Earthworm for They"))
        .anyMatch(l -> l.startsWith("No longer: Chopped earthworm for They"));
    assertThat(PlanChange.between(small, small, before, before).isNothing()).isTrue();
  }

  @Test
  void an_empty_enclosure_asks_for_nothing() {
    assertThat(plan(axolotlTank()).tasks()).isEmpty();
  }

  @Test
  void daily_tasks_come_every_day_and_pass_when_missed() {
    Task daily = task("feed:a", TaskKind.FEED, Recurrence.timesADay(2));
    assertThat(on(TODAY, daily)).extracting(DueTask::slot).containsExactly(1, 2);
    assertThat(on(TODAY.plusDays(1), daily)).extracting(DueTask::daysLate).containsExactly(0, 0);
    assertThat(on(TODAY.minusDays(1), daily)).isEmpty();
    assertThat(on(TODAY, daily, new Completion("feed:a", TODAY, 2, false)))
        .extracting(DueTask::settled)
        .containsExactly(false, true);
  }

  @Test
  void weekday_tasks_come_on_their_days_only() {
    Task weekly =
        task("feed:b", TaskKind.FEED, Recurrence.on(Set.of(DayOfWeek.MONDAY, DayOfWeek.THURSDAY)));
    List<LocalDate> days = new ArrayList<>();
    for (LocalDate day = TODAY; day.isBefore(TODAY.plusDays(14)); day = day.plusDays(1)) {
      if (!on(day, weekly).isEmpty()) {
        days.add(day);
      }
    }
    assertThat(days)
        .extracting(LocalDate::getDayOfWeek)
        .containsExactly(
            DayOfWeek.MONDAY, DayOfWeek.THURSDAY, DayOfWeek.MONDAY, DayOfWeek.THURSDAY);
  }

  @Test
  void an_interval_counts_from_the_last_time_and_waits_until_done() {
    Task change = task("water-change", TaskKind.WATER_CHANGE, Recurrence.every(7));
    assertThat(on(TODAY.plusDays(6), change)).isEmpty();
    assertThat(on(TODAY.plusDays(7), change)).extracting(DueTask::daysLate).containsExactly(0);
    assertThat(on(TODAY.plusDays(10), change)).extracting(DueTask::daysLate).containsExactly(3);
    Completion late = new Completion("water-change", TODAY.plusDays(10), 1, false);
    assertThat(on(TODAY.plusDays(16), change, late)).isEmpty();
    assertThat(on(TODAY.plusDays(17), change, late)).hasSize(1);
    assertThat(on(TODAY.plusDays(10), change, late))
        .extracting(DueTask::settled)
        .containsExactly(true);
  }

  @Test
  void what_is_skipped_does_not_wait_any_longer() {
    Task change = task("water-change", TaskKind.WATER_CHANGE, Recurrence.every(7));
    assertThat(
            on(
                TODAY.plusDays(9),
                change,
                new Completion("water-change", TODAY.plusDays(8), 1, true)))
        .isEmpty();
  }

  @Test
  void the_coming_fortnight_takes_it_that_all_is_done_in_time() {
    Task everyOther = task("feed:c", TaskKind.FEED, Recurrence.every(2));
    List<List<DueTask>> days =
        DayList.coming(TODAY, 14, new Plan(List.of(everyOther)), TODAY, List.of());
    assertThat(days).hasSize(14);
    for (int i = 0; i < 14; i++) {
      assertThat(days.get(i)).as("day %d", i).hasSize(i % 2 == 0 ? 1 : 0);
    }
  }

  /**
   * Timmons and Ebeling on the whole menu: 4 worms of 0.8 g three to four times a week at 11 %,
   * pellets every one to two weeks at 45 %, each at the middle of its range.
   */
  @Test
  void ammonia_follows_the_menu() {
    Assessment a = Assessment.of(axolotlTank(), List.of(axolotls(1, 20)), TODAY);
    double worms = 0.092 * 0.11 * 4 * 0.8 / 2;
    double pellets = 0.092 * 0.45 * 0.005 * 9 * 8 * (1.0 / 7 + 1.0 / 14) / 2;
    assertThat(a.ammoniaGPerDay()).isCloseTo(worms + pellets, within(1e-9));
  }

  @Test
  void a_smaller_ration_is_less_food_and_less_ammonia() {
    Resident fed = axolotls(1, 20);
    Resident less = fed.ration(0.8);
    Plan plan = plan(axolotlTank(), less);
    assertThat(plan.task("feed:they:earthworm").orElseThrow().amount().text(UnitSystem.METRIC))
        .as("of 4 pieces, in halves")
        .startsWith("3 pieces");
    double worms = 0.092 * 0.11 * 3 * 0.8 / 2;
    double pellets = 0.8 * 0.092 * 0.45 * 0.005 * 9 * 8 * (1.0 / 7 + 1.0 / 14) / 2;
    assertThat(Assessment.of(axolotlTank(), List.of(less), TODAY).ammoniaGPerDay())
        .isCloseTo(worms + pellets, within(1e-9));
    assertThatThrownBy(() -> fed.ration(0.4)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> fed.ration(1.6)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void a_tube_is_due_six_months_after_it_was_fitted_not_after_the_plan_began() {
    Enclosure pool =
        Setups.with(
            sliderPool(),
            new Equipment.UvbLamp(Optional.of(TODAY.minusDays(180)), OptionalDouble.empty()));
    Task tube = plan(pool, animals("slider", 1, 18)).task("replace-tube").orElseThrow();
    assertThat(on(TODAY.plusDays(1), tube)).isEmpty();
    assertThat(on(TODAY.plusDays(2), tube)).hasSize(1);
    assertThat(on(TODAY.plusDays(12), tube)).extracting(DueTask::daysLate).containsExactly(10);
    assertThat(
            on(
                TODAY.plusDays(13),
                tube,
                new Completion("replace-tube", TODAY.plusDays(12), 1, false)))
        .isEmpty();
  }

  @Test
  void two_kinds_in_one_box_share_the_stricter_upkeep() {
    Resident frogs = animals("dwarf-frog", 3, 3);
    Resident tadpoles = animals("dwarf-frog", 5, 0.8);
    Plan together = plan(Setups.tank(60, 40, 30, 20), frogs, tadpoles);
    assertThat(together.task("water-change").orElseThrow().amount().text(UnitSystem.METRIC))
        .contains("(50 %)");
  }

  @Test
  void rhythms_read_as_one_says_them() {
    assertThat(Recurrence.every(1).words()).isEqualTo("daily");
    assertThat(Recurrence.timesADay(2).words()).isEqualTo("twice daily");
    assertThat(Recurrence.every(28).words()).isEqualTo("every 28 days");
    assertThat(Recurrence.on(Set.of(DayOfWeek.SATURDAY, DayOfWeek.MONDAY)).words())
        .isEqualTo("on Mon and Sat");
  }

  @Test
  void a_rhythm_is_one_thing_or_the_other() {
    Assertions.assertThatThrownBy(() -> new Recurrence(Set.of(DayOfWeek.MONDAY), 2, 1))
        .hasMessage("a rhythm is either weekdays or a number of days");
    Assertions.assertThatThrownBy(() -> new Recurrence(Set.of(), 1, 0))
        .isInstanceOf(IllegalArgumentException.class);
  }

  private static final String PELLETS = "feed:they:pellets";
  private static final String GREENS = "feed:they:greens";

  private static List<DueTask> meals(Plan plan, LocalDate day, Completion... given) {
    return DayList.on(day, plan, TODAY, List.of(given)).stream()
        .filter(due -> due.task().kind() == TaskKind.FEED)
        .toList();
  }

  @Test
  void foods_take_turns_and_what_else_was_given_was_the_food_of_the_day() {
    Plan plan = plan(sliderPool(), animals("slider", 1, 22));
    LocalDate day = TODAY;
    while (meals(plan, day).stream().noneMatch(due -> due.task().key().equals(PELLETS))) {
      day = day.plusDays(1);
    }
    assertThat(meals(plan, day))
        .singleElement()
        .satisfies(
            due -> {
              assertThat(due.share()).isEqualTo(1);
              assertThat(due.settled()).isFalse();
            });
    assertThat(meals(plan, day, new Completion(PELLETS, day, 1, false)))
        .as("given as meant")
        .singleElement()
        .satisfies(due -> assertThat(due.settled()).isTrue());
    assertThat(meals(plan, day, new Completion(GREENS, day, 1, false)))
        .as("something else: no more today")
        .singleElement()
        .satisfies(
            due -> {
              assertThat(due.task().key()).isEqualTo(GREENS);
              assertThat(due.settled()).isTrue();
            });
  }

  /**
   * More turns than days: each is a smaller part of a day's portion, in the water as on the plate.
   */
  @Test
  void foods_that_share_a_portion_make_no_more_ammonia_than_it() {
    Resident slider = animals("slider", 1, 22);
    Food pellets = slider.foods().get(0);
    OwnMenu twice =
        new OwnMenu(
            "adult", List.of(daily(pellets, "A"), daily(pellets, "B")), Set.of(), TODAY, "a test");
    OwnMenu once = new OwnMenu("adult", List.of(daily(pellets, "A")), Set.of(), TODAY, "a test");
    assertThat(Assessment.of(sliderPool(), List.of(slider.fed(twice)), TODAY).ammoniaGPerDay())
        .isCloseTo(
            Assessment.of(sliderPool(), List.of(slider.fed(once)), TODAY).ammoniaGPerDay(),
            within(1e-9));
    assertThat(meals(plan(sliderPool(), slider.fed(twice)), TODAY))
        .hasSize(2)
        .allMatch(due -> due.share() == 0.5);
  }

  private static Food daily(Food like, String name) {
    return new Food(
        name,
        like.portion(),
        like.proteinPercent(),
        Turn.of(Role.STAPLE, Often.every(1)),
        "",
        like.basis());
  }

  @Test
  void a_powder_waits_for_a_day_with_a_meal() {
    LocalDate meal = TODAY.plusDays(1);
    Task food = task("feed:ash:worm", TaskKind.FEED, Recurrence.on(Set.of(meal.getDayOfWeek())));
    Task powder = task("supplement:ash:calcium", TaskKind.SUPPLEMENT, Recurrence.every(7));
    Task others = task("supplement:ember:calcium", TaskKind.SUPPLEMENT, Recurrence.every(7));
    Plan plan = new Plan(List.of(food, powder, others));
    LocalDate start = TODAY.minusDays(7);
    assertThat(DayList.on(TODAY, plan, start, List.of()))
        .extracting(d -> d.task().key())
        .as("nobody feeds Ash today; who has no meals on the plan gets it all the same")
        .containsExactly("supplement:ember:calcium");
    assertThat(DayList.on(meal, plan, start, List.of()))
        .extracting(d -> d.task().key())
        .contains("feed:ash:worm", "supplement:ash:calcium");
  }

  @Test
  void a_weekly_change_keeps_its_weekday_though_it_was_done_late() {
    Task change = task(Planner.WATER_CHANGE, TaskKind.WATER_CHANGE, Recurrence.every(7));
    LocalDate saturday = LocalDate.of(2026, 3, 7);
    for (int late = 0; late <= 3; late++) {
      LocalDate done = saturday.plusDays(late);
      assertThat(
              DayList.onWeekday(
                      done.plusDays(1),
                      change,
                      DayOfWeek.SATURDAY,
                      TODAY,
                      List.of(new Completion(change.key(), done, 1, false)))
                  .map(PlannedDay::day))
          .as("done %d days late", late)
          .contains(saturday.plusDays(7));
    }
    Task daily = task(Planner.WATER_CHANGE, TaskKind.WATER_CHANGE, Recurrence.every(1));
    assertThat(DayList.onWeekday(TODAY, daily, DayOfWeek.SATURDAY, TODAY, List.of())).isEmpty();
  }

  @Test
  void two_that_nobody_named_have_tasks_of_their_own() {
    Resident one = axolotls(1, 22);
    Plan plan = MealTasks.plan(List.of(one, one), TODAY);
    assertThat(plan.tasks()).extracting(Task::key).doesNotHaveDuplicates();
    assertThat(plan.tasks()).hasSize(2 * MealTasks.plan(List.of(one), TODAY).tasks().size());
    assertThat(plan.tasks())
        .extracting(t -> t.title().text(UnitSystem.METRIC))
        .anyMatch(title -> title.endsWith("(2)"));
  }
}
