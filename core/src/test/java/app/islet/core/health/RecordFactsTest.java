package app.islet.core.health;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RecordFactsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 20);
  private static final Resident ASH = Setups.axolotls(1, 22);

  private static List<RecordKind> kinds(WaterRecord water, RecordFacts.Books books) {
    return RecordFacts.of(ASH, List.of(), water, books, TODAY).stream()
        .map(RecordedFact::kind)
        .toList();
  }

  private static WaterRecord tested(int daysAgo, double ammonia) {
    return new WaterRecord(
        List.of(
            new WaterTest(
                TODAY.minusDays(daysAgo),
                Map.of(Parameter.AMMONIA, ammonia, Parameter.NITRITE, 0.0, Parameter.PH, 8.0))),
        List.of());
  }

  @ParameterizedTest(name = "clean {0} days ago: known {1}")
  @CsvSource({"0, true", "1, true", "2, false"})
  void that_the_water_is_clean_is_known_for_a_day(int daysAgo, boolean known) {
    assertThat(kinds(tested(daysAgo, 0), RecordFacts.Books.NONE).contains(RecordKind.AMMONIA_ZERO))
        .isEqualTo(known);
  }

  @ParameterizedTest(name = "poisoned {0} days ago: told {1}")
  @CsvSource({"0, true", "14, true", "15, false"})
  void that_it_is_poisoned_is_told_for_two_weeks(int daysAgo, boolean told) {
    assertThat(kinds(tested(daysAgo, 2), RecordFacts.Books.NONE).contains(RecordKind.AMMONIA_HIGH))
        .isEqualTo(told);
  }

  @ParameterizedTest(name = "filter rinsed {0} days ago: {1}")
  @CsvSource({"10, true", "11, false"})
  void a_filter_that_was_cleaned_is_remembered_for_ten_days(int daysAgo, boolean told) {
    WaterRecord water =
        new WaterRecord(
            List.of(),
            List.of(new WaterEvent(TODAY.minusDays(daysAgo), WaterEvent.Kind.RINSED_TAP, 0)));
    assertThat(kinds(water, RecordFacts.Books.NONE).contains(RecordKind.FILTER_CLEANED))
        .isEqualTo(told);
  }

  @ParameterizedTest(name = "company came {0} days ago: {1}")
  @CsvSource({"30, true", "31, false"})
  void company_is_new_for_a_month(int daysAgo, boolean told) {
    RecordFacts.Books books =
        new RecordFacts.Books(Optional.empty(), Optional.of(TODAY.minusDays(daysAgo)), 0);
    assertThat(kinds(WaterRecord.NONE, books).contains(RecordKind.ANIMAL_CAME)).isEqualTo(told);
  }

  @Test
  void one_refused_meal_tells_nothing_two_do() {
    RecordFacts.Books once = new RecordFacts.Books(Optional.empty(), Optional.empty(), 1);
    RecordFacts.Books twice = new RecordFacts.Books(Optional.empty(), Optional.empty(), 2);
    assertThat(kinds(WaterRecord.NONE, once)).isEmpty();
    assertThat(kinds(WaterRecord.NONE, twice)).containsExactly(RecordKind.REFUSES);
  }
}
