package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SaltHistoryTest {
  private static final LocalDate MARCH = LocalDate.of(2027, 3, 1);

  @ParameterizedTest(name = "{0} g/kg: {1}")
  @CsvSource({"0, FRESH", "0.49, FRESH", "0.5, BRACKISH", "29.9, BRACKISH", "30, SEA", "45, SEA"})
  void bands_turn_where_the_venice_system_has_it(double ppt, SaltHistory.Band band) {
    assertThat(new SaltHistory(new TreeMap<>(Map.of(MARCH, ppt))).on(MARCH)).isEqualTo(band);
  }

  @Test
  void a_day_has_what_was_set_last_and_before_the_first_nothing_else_is_known() {
    SaltHistory history =
        new SaltHistory(new TreeMap<>(Map.of(MARCH, 0.0, MARCH.plusDays(10), 8.0)));
    assertThat(history.on(MARCH.minusDays(100))).isEqualTo(SaltHistory.Band.FRESH);
    assertThat(history.on(MARCH.plusDays(9))).isEqualTo(SaltHistory.Band.FRESH);
    assertThat(history.on(MARCH.plusDays(10))).isEqualTo(SaltHistory.Band.BRACKISH);
  }

  @Test
  void a_history_without_a_day_is_refused() {
    assertThatIllegalArgumentException().isThrownBy(() -> new SaltHistory(new TreeMap<>()));
  }
}
