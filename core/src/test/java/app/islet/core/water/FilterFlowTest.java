package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Half of the rated flow: common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FilterFlowTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final double RATED = 600;

  private static WaterEvent event(WaterEvent.Kind kind, int daysAgo, double amount) {
    return new WaterEvent(DAY.minusDays(daysAgo), kind, amount);
  }

  private static WaterRecord record(WaterEvent... events) {
    return new WaterRecord(List.of(), List.of(events));
  }

  private static FilterFlow flow(double litresPerHour) {
    return FilterFlow.of(record(event(WaterEvent.Kind.FLOW, 1, litresPerHour)), RATED, DAY)
        .orElseThrow();
  }

  @Test
  void under_half_of_what_it_is_rated_for_it_is_rinsed() {
    assertThat(flow(300).isWorthRinsing()).isFalse();
    assertThat(flow(299).isWorthRinsing()).isTrue();
    assertThat(flow(299).share()).isCloseTo(299.0 / 600, within(1e-12));
  }

  @Test
  void what_was_measured_long_ago_or_before_it_was_rinsed_says_nothing() {
    assertThat(FilterFlow.of(record(event(WaterEvent.Kind.FLOW, 30, 500)), RATED, DAY)).isPresent();
    assertThat(FilterFlow.of(record(event(WaterEvent.Kind.FLOW, 31, 500)), RATED, DAY)).isEmpty();
    assertThat(
            FilterFlow.of(
                record(event(WaterEvent.Kind.FLOW, 5, 200), event(WaterEvent.Kind.RINSED, 4, 0)),
                RATED,
                DAY))
        .isEmpty();
    assertThat(FilterFlow.of(record(), RATED, DAY)).isEmpty();
  }

  @Test
  void a_jug_and_a_watch_tell_the_flow_both_ways() {
    assertThat(PumpFlow.litresPerHour(2, 18)).isCloseTo(400, within(1e-9));
    assertThat(PumpFlow.seconds(2, 400)).isCloseTo(18, within(1e-9));
  }
}
