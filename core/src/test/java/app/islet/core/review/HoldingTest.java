package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Purpose;
import app.islet.core.plan.Planner;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HoldingTest {
  private static final Enclosure SHALLOW = tank(45, 33, 20, 4).withSite(steady(17)).with(Lid.MESH);
  private static final Resident AXOLOTL = axolotls(1, 22);

  @Test
  void a_hospital_tub_as_books_describe_it_is_clean() {
    assertThat(open(SHALLOW.with(Purpose.HOSPITAL), AXOLOTL)).isEmpty();
  }

  @Test
  void the_same_tub_as_a_home_is_wrong() {
    assertThat(open(SHALLOW, AXOLOTL)).contains("floor-too-small");
  }

  @ParameterizedTest
  @EnumSource(value = Purpose.class, mode = EnumSource.Mode.EXCLUDE, names = "HOME")
  void heat_and_tap_water_are_wrong_in_every_tub(Purpose purpose) {
    assertThat(open(SHALLOW.with(purpose).withSite(steady(28)), AXOLOTL))
        .anyMatch(rule -> rule.contains("temperature") || rule.contains("warm"));
  }

  @ParameterizedTest
  @CsvSource({
    "QUARANTINE, 90, ''",
    "QUARANTINE, 91, WATCH",
    "QUARANTINE, 180, WATCH",
    "QUARANTINE, 181, WRONG",
    "HOSPITAL, 14, ''",
    "HOSPITAL, 15, WATCH",
    "HOSPITAL, 29, WRONG",
    "TRANSPORT, 1, ''",
    "TRANSPORT, 2, WATCH",
    "TRANSPORT, 3, WRONG",
    "HOME, 4000, ''"
  })
  void the_clock_of_days_runs(Purpose purpose, int days, String says) {
    Resident since = AXOLOTL.arrived(TODAY.minusDays(days));
    String said =
        Review.of(HusbandryState.of(SHALLOW.with(purpose), List.of(since), TODAY))
            .findings()
            .stream()
            .filter(f -> f.rule().equals("held-too-long"))
            .map(f -> f.severity().name())
            .collect(Collectors.joining());
    assertThat(said).isEqualTo(says);
  }

  @Test
  void without_a_filter_all_the_water_is_changed_each_day_and_no_filter_is_asked_for() {
    HusbandryState s = HusbandryState.of(SHALLOW.with(Purpose.QUARANTINE), List.of(AXOLOTL), TODAY);
    assertThat(Planner.plan(s).task(Planner.WATER_CHANGE))
        .hasValueSatisfying(t -> assertThat(t.recurrence().everyDays()).isEqualTo(1));
    assertThat(open(SHALLOW.with(Purpose.QUARANTINE), AXOLOTL)).doesNotContain("filter-too-weak");
  }

  @Test
  void what_is_not_asked_is_the_id_of_a_rule() {
    Set<String> ids = Review.rules().stream().map(Rule::id).collect(Collectors.toSet());
    assertThat(Holding.rows()).allSatisfy(row -> assertThat(ids).containsAll(row.rules()));
  }

  private static Set<String> open(Enclosure e, Resident r) {
    return Setups.review(e, r).stream()
        .filter(f -> f.severity() != Severity.NOTE)
        .map(Finding::rule)
        .collect(Collectors.toSet());
  }
}
