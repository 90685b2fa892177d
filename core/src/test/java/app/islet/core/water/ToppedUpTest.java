package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ToppedUpTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 7, 1);

  private static Optional<ToppedUp> of(double... daysAgoAndLitres) {
    List<WaterEvent> events = new ArrayList<>();
    for (int n = 0; n < daysAgoAndLitres.length; n += 2) {
      events.add(
          new WaterEvent(
              TODAY.minusDays((long) daysAgoAndLitres[n]),
              WaterEvent.Kind.TOPPED_UP,
              daysAgoAndLitres[n + 1]));
    }
    return ToppedUp.of(new WaterRecord(List.of(), events), 20, TODAY);
  }

  /** Worked example: 4 L in two days. What was poured in first made up for days nobody counted. */
  @Test
  void litres_after_the_first_are_those_that_evaporated_since() {
    ToppedUp told = of(4, 3, 2, 4).orElseThrow();
    assertThat(told.litresADay()).isEqualTo(2);
    assertThat(told.watts()).isCloseTo(56.8, within(0.1));
    assertThat(told.times()).isEqualTo(1);
    assertThat(told.lately()).isEmpty();
  }

  @Test
  void one_time_or_one_day_tells_nothing() {
    assertThat(of(4, 3)).isEmpty();
    assertThat(of(4, 3, 4, 2)).isEmpty();
    assertThat(of(60, 3, 2, 4)).as("the first is too old").isEmpty();
    assertThat(of(59, 3, 2, 4)).isPresent();
  }

  @Test
  void far_more_or_less_than_before_is_told() {
    assertThat(of(6, 1, 4, 2, 2, 3).orElseThrow().lately()).as("1.5 times").isEmpty();
    assertThat(of(6, 1, 4, 2, 2, 3.2).orElseThrow().lately()).hasValue(1.6);
    assertThat(of(6, 1, 4, 3, 2, 2).orElseThrow().lately()).as("two thirds").isEmpty();
    assertThat(of(6, 1, 4, 3.2, 2, 2).orElseThrow().lately()).hasValue(1);
  }
}
