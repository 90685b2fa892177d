package app.islet.core.rearing;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import app.islet.core.quantity.DayWindow;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimelineTest {
  private static final LocalDate BORN = LocalDate.of(2026, 4, 1);
  private static final RearingGuide SALAMANDER =
      RearingGuide.of(CareLibrary.bundled().find("fire-salamander").orElseThrow()).orElseThrow();

  private static Timeline reached(Map<String, LocalDate> reached) {
    return Timeline.of(SALAMANDER, BORN, OptionalDouble.of(17), reached);
  }

  @Test
  void a_new_batch_is_in_its_first_stage_and_waits_for_the_second() {
    Timeline timeline = reached(Map.of());
    assertThat(timeline.now(BORN).milestone().id()).isEqualTo("born");
    assertThat(timeline.next(BORN).orElseThrow().milestone().id()).isEqualTo("ridge");
    assertThat(timeline.next(BORN).orElseThrow().expected())
        .isEqualTo(new DayWindow(BORN.plusDays(6), BORN.plusDays(12)));
    assertThat(timeline.pace()).isEqualTo(1);
  }

  @Test
  void a_fast_batch_is_expected_on_land_early() {
    // Gills at their largest on day 16, where the middle of all is day 37.
    Timeline fast = reached(Map.of("contrast", BORN.plusDays(19)));
    Timeline slow = reached(Map.of("contrast", BORN.plusDays(57)));
    assertThat(fast.pace()).isLessThan(1);
    assertThat(slow.pace()).isGreaterThan(1);
    assertThat(fast.end().to()).isBefore(slow.end().from());
  }

  @Test
  void five_weeks_to_land_are_foretold_by_a_batch_that_goes_so_fast() {
    // Common practice, no source: one batch at 18 °C was on land after five weeks.
    Timeline fast = reached(Map.of("ridge", BORN.plusDays(7), "contrast", BORN.plusDays(15)));
    assertThat(fast.end().contains(BORN.plusDays(35))).isTrue();
  }

  @Test
  void no_pace_is_slower_than_half_or_faster_than_double() {
    assertThat(reached(Map.of("contrast", BORN.plusDays(1))).pace()).isEqualTo(0.5);
    assertThat(reached(Map.of("contrast", BORN.plusDays(200))).pace()).isEqualTo(2);
  }

  @Test
  void a_stage_is_late_the_day_after_its_window() {
    Timeline.Step ridge = reached(Map.of()).next(BORN).orElseThrow();
    assertThat(ridge.isLate(BORN.plusDays(12))).isFalse();
    assertThat(ridge.isLate(BORN.plusDays(13))).isTrue();
    assertThat(reached(Map.of("ridge", BORN.plusDays(9))).steps().get(1).isLate(BORN.plusDays(90)))
        .isFalse();
  }

  @Test
  void after_the_last_stage_nothing_is_expected() {
    Timeline done = reached(Map.of("on-land", BORN.plusDays(35)));
    assertThat(done.next(BORN.plusDays(35))).isEmpty();
    assertThat(done.now(BORN.plusDays(35)).milestone().id()).isEqualTo("on-land");
  }

  @Test
  void climbing_out_is_announced_five_days_before_the_gills_may_go() {
    Timeline timeline = reached(Map.of("contrast", BORN.plusDays(14)));
    LocalDate first = timeline.next(BORN.plusDays(14)).orElseThrow().expected().from();
    assertThat(coming(timeline, first.minusDays(6))).isEmpty();
    assertThat(coming(timeline, first.minusDays(5)))
        .extracting(window -> window.danger().kind())
        .containsExactly(Danger.Kind.CLIMBS_OUT, Danger.Kind.DROWNS, Danger.Kind.DRIES);
  }

  @Test
  void what_threatens_now_is_said_as_long_as_the_stage_lasts() {
    Timeline timeline = reached(Map.of());
    assertThat(DangerWindow.of(timeline, List.of(now(timeline, 3)), BORN.plusDays(3)))
        .filteredOn(DangerWindow::on)
        .extracting(window -> window.danger().kind())
        .containsExactly(Danger.Kind.BITES, Danger.Kind.HEAT);
  }

  @Test
  void a_few_that_are_ahead_are_in_danger_before_the_others() {
    Timeline timeline = reached(Map.of("contrast", BORN.plusDays(14)));
    Milestone going = SALAMANDER.milestone("gills-going").orElseThrow();
    assertThat(DangerWindow.of(timeline, List.of(now(timeline, 15), going), BORN.plusDays(15)))
        .allMatch(DangerWindow::on)
        .extracting(window -> window.danger().kind())
        .containsExactly(Danger.Kind.CLIMBS_OUT, Danger.Kind.DROWNS, Danger.Kind.DRIES);
  }

  @ParameterizedTest(name = "day {0}: {1}")
  @CsvSource({
    "0, born",
    "8, born",
    "9, ridge",
    "36, ridge",
    "37, contrast",
    "63, contrast",
    "64, gills-going",
    // On land their water is changed no more: that must be seen, or be long past.
    "115, gills-going",
    "229, gills-going",
    "230, on-land"
  })
  void without_an_entry_the_days_since_birth_tell_the_stage(int day, String stage) {
    Timeline timeline = reached(Map.of());
    assertThat(timeline.isForecast()).isTrue();
    assertThat(now(timeline, day).id()).isEqualTo(stage);
  }

  @Test
  void what_was_entered_stands_however_long_ago() {
    Timeline timeline = reached(Map.of("ridge", BORN.plusDays(7)));
    assertThat(timeline.isForecast()).isFalse();
    assertThat(now(timeline, 200).id()).isEqualTo("ridge");
  }

  private static Milestone now(Timeline timeline, int day) {
    return timeline.now(BORN.plusDays(day)).milestone();
  }

  private static List<DangerWindow> coming(Timeline timeline, LocalDate day) {
    return DangerWindow.of(timeline, List.of(timeline.now(day).milestone()), day).stream()
        .filter(window -> !window.on())
        .toList();
  }
}
