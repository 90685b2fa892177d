package app.islet.core.rearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.Survival;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LossesTest {
  private static final LocalDate BORN = LocalDate.of(2026, 4, 1);
  private static final Place TUB = Place.kept("Tub");

  private static Movement lost(int day, int count, Place.Kind way, String cause) {
    return new Movement(BORN.plusDays(day), "Brood", count, TUB, Place.out(way), cause, "");
  }

  private static List<Movement> brood() {
    return List.of(
        Movement.begun(BORN, "Brood", 26, TUB),
        lost(3, 5, Place.Kind.DIED, "bitten"),
        lost(9, 1, Place.Kind.ESCAPED, ""),
        lost(17, 1, Place.Kind.DIED, "did not eat"));
  }

  @Test
  void of_twenty_six_nineteen_are_left_by_cause_and_week() {
    Losses losses = Losses.of(brood());
    assertThat(losses.count()).isEqualTo(7);
    assertThat(losses.byCause())
        .containsExactly(
            Map.entry("bitten", 5), Map.entry("did not eat", 1), Map.entry("escaped", 1));
    assertThat(losses.byWeek(BORN)).isEqualTo(Map.of(1, 5, 2, 1, 3, 1));
    assertThat(Ledger.of(brood()).census(BORN.plusDays(20)).heads()).isEqualTo(19);
    assertThat(Survival.of(26, 19, 95).percent()).isCloseTo(73.08, within(0.005));
  }

  @Test
  void a_death_that_was_undone_never_was() {
    List<Movement> story = new ArrayList<>(brood());
    story.add(story.get(1).reversed("undone"));
    assertThat(Losses.of(story).count()).isEqualTo(2);
    assertThat(Losses.of(story).byCause()).doesNotContainKey("bitten");
  }

  @Test
  void whoever_is_sold_is_no_loss() {
    assertThat(Losses.of(List.of(lost(3, 5, Place.Kind.SOLD, ""))).count()).isZero();
    assertThat(Losses.of(List.of(lost(3, 5, Place.Kind.GONE, ""))).byCause())
        .containsExactly(Map.entry("gone", 5));
  }

  @ParameterizedTest(name = "day {0} is in week {1}")
  @CsvSource({"-3, 1", "0, 1", "6, 1", "7, 2", "20, 3"})
  void weeks_begin_on_the_day_they_were_born(int day, int week) {
    assertThat(Losses.week(BORN, BORN.plusDays(day))).isEqualTo(week);
  }

  /**
   * Weeks of remission under 6-mercaptopurine: Freireich et al. 1963, Blood 21, 699-716, the usual
   * example of the method (21 patients, + where it went on when they left the study); the shares as
   * textbooks print them.
   */
  @ParameterizedTest(name = "at {0}: {1}")
  @CsvSource({
    "5, 1.000",
    "6, 0.857",
    "7, 0.807",
    "10, 0.753",
    "13, 0.690",
    "16, 0.627",
    "22, 0.538",
    "23, 0.448",
    "35, 0.448"
  })
  void the_curve_is_that_of_kaplan_and_meier(int week, double share) {
    int[] ended = {6, 6, 6, 7, 10, 13, 16, 22, 23};
    int[] left = {6, 9, 10, 11, 17, 19, 20, 25, 32, 32, 34, 35};
    List<Movement> study = new ArrayList<>();
    study.add(Movement.begun(BORN, "Brood", 21, TUB));
    for (int day : ended) {
      study.add(lost(day, 1, Place.Kind.DIED, ""));
    }
    for (int day : left) {
      study.add(lost(day, 1, Place.Kind.SOLD, ""));
    }
    SurvivalCurve curve = SurvivalCurve.of(study, BORN, BORN.plusDays(40));
    assertThat(curve.at(week)).isCloseTo(share, within(0.0006));
  }

  @Test
  void found_later_they_count_from_the_day_they_were_found() {
    List<Movement> story = new ArrayList<>();
    story.add(Movement.begun(BORN, "Brood", 10, TUB));
    story.add(lost(2, 5, Place.Kind.DIED, ""));
    story.add(Movement.begun(BORN.plusDays(3), "Brood", 5, TUB));
    story.add(lost(4, 5, Place.Kind.DIED, ""));
    SurvivalCurve curve = SurvivalCurve.of(story, BORN, BORN.plusDays(10));
    assertThat(curve.at(3)).isEqualTo(0.5);
    assertThat(curve.at(10)).isEqualTo(0.25);
  }
}
