package app.islet.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PossibleDaysTest {
  @ParameterizedTest
  @CsvSource({
    "1899-12-31, false",
    "1900-01-01, true",
    "2024-02-29, true",
    "2200-01-01, true",
    "2200-01-02, false"
  })
  void days_are_within_three_centuries(LocalDate day, boolean possible) {
    assertThat(PossibleDays.contains(day)).isEqualTo(possible);
    assertThat(PossibleDays.sentence(day)).contains("1900-01-01");
  }
}
