package app.islet.web.reading.archive;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DayShiftTest {
  @ParameterizedTest(name = "{0} {1}, {2} days later, is {3}")
  @CsvSource({
    "DAY, 2026-11-26, 5, 2026-12-01",
    "DAY, 2028-02-28, 1, 2028-02-29",
    "DAY, 2026-01-01, -1, 2025-12-31",
    "MOMENT, 2026-11-26T09:30:17.291238Z, 5, 2026-12-01T09:30:17.291238Z",
    "JSON, {\"since\":\"2026-11-26\"}, 5, {\"since\":\"2026-12-01\"}",
    "JSON, {\"note\":\"read on 2026-11-26\"}, 5, {\"note\":\"read on 2026-11-26\"}",
    "WORDS, 2026-11-26, 5, 2026-11-26",
    "DAY, 2026-11-26, 0, 2026-11-26"
  })
  void days_come_later_and_words_stay(Kind kind, String cell, int days, String shifted) {
    assertThat(new DayShift(days).shifted(kind, cell)).isEqualTo(shifted);
  }
}
