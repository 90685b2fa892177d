package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Condition;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class RationAdviceTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);

  private static Optional<Condition> weighed(double share) {
    return Optional.of(new Condition(TODAY, 15, 500, share));
  }

  private static LifeEvent belly(double percent, int daysAgo) {
    return new LifeEvent(
        TODAY.minusDays(daysAgo), LifeEvent.Kind.BELLY, OptionalDouble.of(percent), "");
  }

  private static LifeEvent raised(int daysAgo) {
    return new LifeEvent(
        TODAY.minusDays(daysAgo), LifeEvent.Kind.RAISED, OptionalDouble.empty(), "");
  }

  private static OptionalDouble ration(
      Optional<Condition> condition, double now, LifeEvent... events) {
    return RationAdvice.of(condition, List.of(events), now, TODAY).ration();
  }

  @Test
  void a_thin_one_gets_a_fifth_more_and_a_fat_one_a_fifth_less() {
    assertThat(ration(weighed(0.7), 1)).hasValue(1.2);
    assertThat(ration(weighed(1), 1)).isEmpty();
    assertThat(ration(weighed(1.3), 1)).hasValue(0.8);
    assertThat(ration(weighed(1.3), 1.2)).hasValue(1.0);
  }

  @Test
  void no_ration_goes_beyond_half_and_half_again() {
    assertThat(ration(weighed(1.3), 0.6)).hasValue(0.5);
    assertThat(ration(weighed(1.3), 0.5)).isEmpty();
    assertThat(ration(weighed(0.7), 1.4)).hasValue(1.5);
    assertThat(ration(weighed(0.7), 1.5)).isEmpty();
  }

  @Test
  void a_belly_is_judged_on_both_sides_of_its_edges() {
    assertThat(ration(Optional.empty(), 1, belly(79, 1))).hasValue(1.2);
    assertThat(ration(Optional.empty(), 1, belly(80, 1))).isEmpty();
    assertThat(ration(Optional.empty(), 1, belly(125, 1))).isEmpty();
    assertThat(ration(Optional.empty(), 1, belly(126, 1))).hasValue(0.8);
  }

  @Test
  void the_scales_speak_before_the_eye() {
    assertThat(ration(weighed(0.7), 1, belly(140, 1))).hasValue(1.2);
    assertThat(ration(weighed(0.7), 1, raised(1))).hasValue(1.2);
    assertThat(ration(weighed(1), 1, raised(1))).hasValue(0.8);
  }

  @Test
  void what_was_seen_long_ago_says_nothing() {
    assertThat(ration(Optional.empty(), 1, belly(140, 59))).hasValue(0.8);
    assertThat(ration(Optional.empty(), 1, belly(140, 60))).isEmpty();
    assertThat(ration(Optional.empty(), 1, raised(60))).isEmpty();
    assertThat(RationAdvice.of(Optional.empty(), List.of(), 1, TODAY).belly())
        .isEqualTo(RationAdvice.Belly.NOT_SEEN);
  }
}
