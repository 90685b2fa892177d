package app.islet.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.care.Often;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OftenTest {
  @ParameterizedTest
  @CsvSource({
    "daily,1,1,1,1",
    "weekly,1,7,1,7",
    "2-3 a week,2,7,3,7",
    "2 a week,2,7,2,7",
    "every 3 days,1,3,1,3",
    "every 2-3 days,1,3,1,2",
    "every 1-2 weeks,1,14,1,7",
    "monthly,1,31,1,28",
    "every 1-2 months,1,62,1,28"
  })
  void is_read_and_written_as_a_keeper_says_it(
      String text, int least, int leastDays, int most, int mostDays) {
    Often often = Often.of(text).orElseThrow();
    assertThat(often).isEqualTo(new Often(least, leastDays, most, mostDays));
    assertThat(often.words()).isEqualTo(text);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "often", "3-2 a week", "0 a week", "every 0 days", "every 3-1 weeks"})
  void anything_else_is_not_read(String text) {
    assertThat(Often.of(text)).isEmpty();
  }

  @Test
  void the_least_is_never_more_than_the_most() {
    assertThatThrownBy(() -> new Often(4, 7, 3, 7)).isInstanceOf(IllegalArgumentException.class);
    assertThat(new Often(2, 7, 3, 7).leastADay()).isEqualTo(2.0 / 7);
    assertThat(new Often(2, 7, 3, 7).mostADay()).isEqualTo(3.0 / 7);
  }
}
