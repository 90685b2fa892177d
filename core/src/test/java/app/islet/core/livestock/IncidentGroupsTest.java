package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.climate.Season;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class IncidentGroupsTest {
  private static final LocalDate START = LocalDate.of(2027, 1, 1);
  private static final LocalDate LAST = LocalDate.of(2027, 12, 31);
  private static final Ledger TWO =
      Ledger.of(
          List.of(
              Movement.begun(START, "A", 1, Place.kept("tank")),
              Movement.begun(START, "B", 3, Place.kept("tank"))));

  @Test
  void the_time_of_all_groups_is_the_time_there_was() {
    List<Incidents> seasons =
        IncidentGroups.of(
            TWO,
            List.of("A", "B"),
            List.of(),
            (animals, place, day) -> Season.of(day, false).words(),
            START,
            LAST);
    assertThat(seasons).hasSize(4);
    assertThat(seasons.stream().mapToDouble(Incidents::animalMonths).sum())
        .isCloseTo(4 * 365 / 30.44, within(1e-9));
    assertThat(seasons.get(1).place()).isEqualTo("Spring");
    assertThat(seasons.get(1).animalMonths()).isCloseTo(4 * 92 / 30.44, within(1e-9));
  }

  @Test
  void a_case_counts_in_the_group_of_its_day() {
    List<IncidentGroups.Case> cases =
        List.of(
            new IncidentGroups.Case("A", "tank", LocalDate.of(2027, 7, 4)),
            new IncidentGroups.Case("A", "tank", LocalDate.of(2026, 7, 4)));
    List<Incidents> seasons =
        IncidentGroups.of(
            TWO,
            List.of("A", "B"),
            cases,
            (animals, place, day) -> Season.of(day, false).words(),
            START,
            LAST);
    assertThat(seasons)
        .filteredOn(i -> i.cases() > 0)
        .singleElement()
        .satisfies(i -> assertThat(i.place()).isEqualTo("Summer"));
  }

  @Test
  void of_two_that_leave_no_doubt_the_more_frequent_is_named_first() {
    List<IncidentGroups.Case> cases = new ArrayList<>();
    for (int month = 1; month <= 12; month++) {
      cases.add(new IncidentGroups.Case("A", "tank", LocalDate.of(2027, month, 4)));
    }
    List<Incidents> each =
        IncidentGroups.of(
            TWO, List.of("A", "B"), cases, (animals, place, day) -> animals, START, LAST);
    assertThat(IncidentGroups.differing(each))
        .hasValueSatisfying(
            two -> assertThat(two).extracting(Incidents::place).containsExactly("A", "B"));
    assertThat(
            IncidentGroups.differing(
                IncidentGroups.of(
                    TWO,
                    List.of("A", "B"),
                    cases.subList(0, 1),
                    (animals, place, day) -> animals,
                    START,
                    LAST)))
        .as("one case proves nothing")
        .isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "2027-02-28, false, WINTER", "2027-03-01, false, SPRING", "2027-05-31, false, SPRING",
    "2027-06-01, false, SUMMER", "2027-11-30, false, AUTUMN", "2027-12-01, false, WINTER",
    "2027-12-01, true, SUMMER", "2027-07-01, true, WINTER", "2027-03-01, true, AUTUMN"
  })
  void seasons_turn_by_the_month_and_the_half_of_the_earth(
      LocalDate day, boolean south, Season season) {
    assertThat(Season.of(day, south)).isEqualTo(season);
  }
}
