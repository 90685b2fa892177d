package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class BaskingUseTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);

  private static List<LifeEvent> seen(int basking, int elsewhere, int daysAgo) {
    List<LifeEvent> all = new ArrayList<>();
    for (int n = 0; n < basking + elsewhere; n++) {
      LifeEvent.Kind kind = n < basking ? LifeEvent.Kind.BASKING : LifeEvent.Kind.SEEN;
      all.add(new LifeEvent(TODAY.minusDays(daysAgo), kind, OptionalDouble.empty(), ""));
    }
    return all;
  }

  /** Limits of 5 in 10: 0.187 and 0.813 (Clopper and Pearson 1934), of ten hours of light. */
  @Test
  void half_of_the_times_it_was_seen_is_half_of_the_hours_of_light() {
    BaskingUse use = BaskingUse.of(seen(5, 5, 3), 10, TODAY).orElseThrow();
    assertThat(use.hours()).isCloseTo(5, within(1e-9));
    assertThat(use.between().min()).isCloseTo(1.87, within(0.005));
    assertThat(use.between().max()).isCloseTo(8.13, within(0.005));
  }

  @Test
  void fewer_than_five_times_and_times_long_ago_tell_nothing() {
    assertThat(BaskingUse.of(seen(2, 3, 3), 10, TODAY)).isPresent();
    assertThat(BaskingUse.of(seen(2, 2, 3), 10, TODAY)).isEmpty();
    assertThat(BaskingUse.of(seen(5, 5, 59), 10, TODAY)).isPresent();
    assertThat(BaskingUse.of(seen(5, 5, 60), 10, TODAY)).isEmpty();
  }

  @Test
  void being_fed_says_nothing_of_where_it_was() {
    List<LifeEvent> fed = new ArrayList<>(seen(5, 0, 1));
    fed.add(new LifeEvent(TODAY, LifeEvent.Kind.FED, OptionalDouble.of(3), ""));
    assertThat(BaskingUse.of(fed, 10, TODAY).orElseThrow().seen()).isEqualTo(5);
  }
}
