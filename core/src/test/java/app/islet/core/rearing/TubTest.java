package app.islet.core.rearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TubTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 20);
  private static final CareSheet SHEET =
      CareLibrary.bundled().find("fire-salamander").orElseThrow();
  private static final RearingGuide GUIDE = RearingGuide.of(SHEET).orElseThrow();
  private static final Housing SINGLY = GUIDE.housing(Housing.Kind.SINGLY).orElseThrow();
  private static final Housing BOXES = GUIDE.housing(Housing.Kind.BOXES).orElseThrow();

  private static TubEvent at(int daysAgo, int hour, TubEvent.Kind kind) {
    return TubEvent.of(TODAY.minusDays(daysAgo).atTime(hour, 0), kind);
  }

  private static Tub tub(int number, String stage, boolean lost, TubEvent... log) {
    TubState state = TubState.of(List.of(log), TODAY);
    return new Tub("t" + number, number, 0.5, 1, milestone(stage), state, lost, Optional.empty());
  }

  private static Milestone milestone(String id) {
    return GUIDE.milestone(id).orElseThrow();
  }

  private static List<TubBundle.Kind> left(Tub tub, Housing housing) {
    return TubBundle.of(tub, housing, TODAY).jobs().stream()
        .filter(job -> job.left() > 0)
        .map(TubBundle.Job::kind)
        .toList();
  }

  @Test
  void a_single_tub_wants_new_water_and_a_meal_each_day() {
    Tub yesterday =
        tub(1, "contrast", false, at(1, 8, TubEvent.Kind.FED), at(1, 8, TubEvent.Kind.CHANGED));
    assertThat(left(yesterday, SINGLY)).containsExactly(TubBundle.Kind.CHANGE, TubBundle.Kind.FEED);
    Tub done =
        tub(1, "contrast", false, at(0, 8, TubEvent.Kind.FED), at(0, 8, TubEvent.Kind.CHANGED));
    assertThat(left(done, SINGLY)).isEmpty();
    assertThat(TubBundle.of(done, SINGLY, TODAY).minutes()).isEqualTo(2);
  }

  @Test
  void what_was_done_as_often_as_it_should_is_done() {
    Tub once = tub(1, "contrast", false, at(0, 8, TubEvent.Kind.FED));
    assertThat(TubBundle.of(once, SINGLY, TODAY).isDone(TubEvent.Kind.FED)).isTrue();
    assertThat(TubBundle.of(once, SINGLY, TODAY).isDone(TubEvent.Kind.CHANGED)).isFalse();
    Tub flushed = tub(1, "contrast", false, at(0, 8, TubEvent.Kind.FLUSHED));
    assertThat(TubBundle.of(flushed, BOXES, TODAY).isDone(TubEvent.Kind.FLUSHED)).isFalse();
    assertThat(TubBundle.of(flushed, BOXES, TODAY).isDone(TubEvent.Kind.NOTE)).isFalse();
  }

  @ParameterizedTest(name = "changed {0} days ago: {1}")
  @CsvSource({"6, false", "7, true"})
  void a_box_is_changed_each_week_and_flushed_twice_a_day(int daysAgo, boolean due) {
    Tub box = tub(1, "contrast", false, at(daysAgo, 8, TubEvent.Kind.CHANGED));
    assertThat(left(box, BOXES).contains(TubBundle.Kind.CHANGE)).isEqualTo(due);
    assertThat(TubBundle.of(box, BOXES, TODAY).jobs())
        .filteredOn(job -> job.kind() == TubBundle.Kind.FLUSH)
        .singleElement()
        .satisfies(job -> assertThat(job.left()).isEqualTo(2));
  }

  @Test
  void on_land_no_water_is_changed_and_food_comes_every_second_day() {
    assertThat(left(tub(1, "on-land", false, at(1, 8, TubEvent.Kind.FED)), SINGLY)).isEmpty();
    assertThat(left(tub(1, "on-land", false, at(2, 8, TubEvent.Kind.FED)), SINGLY))
        .containsExactly(TubBundle.Kind.FEED);
  }

  @Test
  void an_empty_tub_wants_nothing() {
    Tub empty =
        new Tub("t", 1, 0.5, 0, milestone("contrast"), TubState.NEW, false, Optional.empty());
    assertThat(TubBundle.of(empty, SINGLY, TODAY).jobs()).isEmpty();
  }

  @ParameterizedTest(name = "{0}, left since {1} days: {2}")
  @CsvSource({
    "contrast, 0, FASTS",
    "contrast, 1, TOO_LONG",
    "gills-going, 2, FASTS",
    "gills-going, 3, TOO_LONG"
  })
  void three_days_without_food_are_normal_only_while_the_gills_go(
      String stage, int daysAgo, Tub.Appetite appetite) {
    Tub tub = tub(1, stage, false, at(daysAgo, 9, TubEvent.Kind.LEFT_OVER));
    assertThat(tub.appetite(TODAY)).isEqualTo(appetite);
  }

  @Test
  void whoever_eats_again_is_well_again() {
    Tub tub =
        tub(1, "contrast", false, at(4, 9, TubEvent.Kind.LEFT_OVER), at(0, 9, TubEvent.Kind.EATEN));
    assertThat(tub.appetite(TODAY)).isEqualTo(Tub.Appetite.EATS);
    assertThat(tub.health(TODAY)).isEqualTo(Tub.Health.WELL);
  }

  @Test
  void a_meal_is_open_until_somebody_looks() {
    TubState open = TubState.of(List.of(at(0, 9, TubEvent.Kind.FED)), TODAY);
    assertThat(open.mealOpen()).contains(TODAY.atTime(9, 0));
    TubState looked =
        TubState.of(List.of(at(0, 9, TubEvent.Kind.FED), at(0, 10, TubEvent.Kind.EATEN)), TODAY);
    assertThat(looked.mealOpen()).isEmpty();
  }

  @Test
  void ticks_that_arrive_late_and_in_any_order_tell_the_same() {
    List<TubEvent> log =
        new ArrayList<>(
            List.of(
                at(3, 8, TubEvent.Kind.FED),
                at(3, 9, TubEvent.Kind.LEFT_OVER),
                at(2, 8, TubEvent.Kind.CHANGED),
                TubEvent.stage(TODAY.minusDays(2).atTime(9, 0), "ridge"),
                TubEvent.stage(TODAY.minusDays(1).atTime(9, 0), "contrast"),
                at(0, 7, TubEvent.Kind.FED),
                at(0, 8, TubEvent.Kind.EATEN)));
    TubState inOrder = TubState.of(log, TODAY);
    for (int seed = 0; seed < 50; seed++) {
      Collections.shuffle(log, new Random(seed));
      assertThat(TubState.of(log, TODAY)).isEqualTo(inOrder);
    }
    assertThat(inOrder.milestone()).contains("contrast");
  }

  @Test
  void the_walk_goes_from_well_to_sick_and_from_young_to_old() {
    Tub sick = tub(1, "born", false, at(1, 8, TubEvent.Kind.APART));
    Tub starving = tub(2, "born", false, at(3, 8, TubEvent.Kind.LEFT_OVER));
    Tub bereaved = tub(3, "born", true);
    Tub old = tub(4, "contrast", false);
    Tub young = tub(5, "born", false);
    assertThat(
            Stream.of(sick, starving, bereaved, old, young)
                .map(tub -> TubBundle.of(tub, SINGLY, TODAY))
                .sorted(TubBundle.walk(GUIDE, TODAY)))
        .extracting(bundle -> bundle.tub().number())
        .containsExactly(5, 4, 2, 3, 1);
  }

  @Test
  void whoever_is_well_again_is_visited_with_the_others() {
    Tub tub = tub(1, "born", false, at(4, 8, TubEvent.Kind.APART), at(1, 8, TubEvent.Kind.WELL));
    assertThat(tub.health(TODAY)).isEqualTo(Tub.Health.WELL);
  }

  @Test
  void water_stands_over_the_back_and_sinks_when_the_gills_go() {
    assertThat(TubWater.of(SHEET, SINGLY, tub(1, "contrast", false)).depthCm())
        .isCloseTo(4 * 0.1 * 4, within(1e-9));
    assertThat(TubWater.of(SHEET, SINGLY, tub(1, "gills-going", false)).depthCm())
        .isCloseTo(0.5, within(1e-9));
  }

  @Test
  void nauplii_poured_in_make_a_small_tub_salty_within_a_day() {
    // One pour of 20 ml at 25 g/L into half a litre: 1 g/L; with a box changed each week, seven.
    assertThat(TubWater.of(SHEET, SINGLY, tub(1, "born", false)).isTooSalty()).isFalse();
    assertThat(TubWater.of(SHEET, BOXES, tub(1, "born", false)).saltPpt())
        .isCloseTo(7, within(1e-9));
    assertThat(TubWater.of(SHEET, BOXES, tub(1, "born", false)).isTooSalty()).isTrue();
    assertThat(TubWater.of(SHEET, SINGLY, tub(1, "contrast", false)).saltPpt()).isZero();
  }

  @Test
  void worm_is_cut_as_wide_as_the_head() {
    YoungFood worm = milestone("contrast").care().foods().get(0);
    assertThat(worm.meal(2, 0.11 * 4).text(app.islet.core.quantity.UnitSystem.METRIC))
        .isEqualTo("Chopped worm: 6 pieces of 4 mm");
  }

  @Test
  void a_log_without_entries_says_nothing() {
    TubState state = TubState.of(List.of(), TODAY);
    assertThat(state.fed()).isEmpty();
    assertThat(state.daysWithoutFood(TODAY)).isZero();
    assertThat(state.fed().map(LocalDateTime::toLocalDate)).isEmpty();
  }
}
