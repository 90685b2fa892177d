package app.islet.core.rearing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RoundPaceTest {
  private static final LocalDateTime EIGHT = LocalDateTime.of(2026, 5, 1, 8, 0);

  private static List<LocalDateTime> tubs(int count, int secondsEach) {
    List<LocalDateTime> done = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      done.add(EIGHT.plusSeconds((long) i * secondsEach));
    }
    return done;
  }

  @Test
  void ten_times_from_tub_to_tub_tell_the_pace_and_nine_do_not() {
    assertThat(RoundPace.minutesATub(tubs(11, 90))).hasValue(1.5);
    assertThat(RoundPace.minutesATub(tubs(10, 90))).isEmpty();
  }

  @Test
  void a_pause_and_the_next_morning_do_not_count() {
    List<LocalDateTime> done = tubs(8, 60);
    tubs(8, 60).forEach(at -> done.add(at.plusDays(1)));
    done.add(EIGHT.plusMinutes(40));
    Collections.shuffle(done, new Random(1));
    assertThat(RoundPace.minutesATub(done)).hasValue(1);
  }

  @Test
  void what_was_ticked_together_says_nothing() {
    assertThat(RoundPace.minutesATub(Collections.nCopies(40, EIGHT))).isEmpty();
  }
}
