package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.quantity.Range;
import app.islet.core.quantity.UnitSystem;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TimeOutsideTest {
  private static final LocalDateTime FROM = LocalDateTime.of(2026, 7, 20, 0, 0);
  private static final Range STOOD = new Range(14, 20);

  private static WaterTest at(LocalDateTime moment, double tempC) {
    return new WaterTest(
        moment.toLocalDate(),
        Optional.of(moment.toLocalTime()),
        Map.of(Parameter.TEMPERATURE, tempC));
  }

  private static TimeOutside of(List<WaterTest> tests) {
    return TimeOutside.of(tests, Parameter.TEMPERATURE, STOOD);
  }

  private static List<WaterTest> every(int minutes, double... tempsC) {
    List<WaterTest> tests = new ArrayList<>();
    for (int n = 0; n < tempsC.length; n++) {
      tests.add(at(FROM.plusMinutes((long) n * minutes), tempsC[n]));
    }
    return tests;
  }

  @Test
  void readings_over_and_under_are_counted_apart() {
    TimeOutside t = of(every(15, 19, 21, 22, 19, 13, 15));
    assertThat(t.readings()).isEqualTo(6);
    assertThat(t.over().readings()).isEqualTo(2);
    assertThat(t.under().readings()).isEqualTo(1);
  }

  @Test
  void time_is_counted_where_the_straight_way_crosses_the_limit() {
    // 19 to 21 crosses half way; an hour above; 21 to 19 crosses half way.
    TimeOutside t = of(every(60, 19, 21, 21, 19));
    assertThat(t.over().time()).isEqualTo(Duration.ofHours(2));
    assertThat(t.over().longest()).isEqualTo(Duration.ofHours(2));
    assertThat(t.under().time()).isZero();
  }

  @Test
  void the_longest_stretch_is_one_of_several() {
    TimeOutside t = of(every(60, 19, 21, 19, 21, 21, 21, 19));
    assertThat(t.over().time()).isEqualTo(Duration.ofHours(4));
    assertThat(t.over().longest()).isEqualTo(Duration.ofHours(3));
  }

  @Test
  void what_lies_in_a_gap_counts_as_neither() {
    List<WaterTest> tests = new ArrayList<>(every(30, 21, 21));
    tests.add(at(FROM.plusHours(10), 21));
    tests.add(at(FROM.plusHours(11), 21));
    TimeOutside t = of(tests);
    assertThat(t.over().time()).isEqualTo(Duration.ofMinutes(90));
    assertThat(t.over().longest()).as("it ends at the gap").isEqualTo(Duration.ofMinutes(60));
    assertThat(t.gaps()).isEqualTo(1);
    assertThat(t.longestGap()).isEqualTo(Duration.ofMinutes(570));
  }

  @Test
  void two_hours_apart_is_close_and_more_is_a_gap() {
    assertThat(of(every(120, 21, 21)).gaps()).isZero();
    assertThat(of(every(121, 21, 21)).gaps()).isEqualTo(1);
  }

  @Test
  void a_reading_at_the_limit_is_within() {
    assertThat(of(every(15, 20, 20, 14)).isWithin()).isTrue();
  }

  @Test
  void readings_without_a_time_are_counted_and_bridge_no_time() {
    LocalDate day = FROM.toLocalDate();
    TimeOutside t =
        of(
            List.of(
                new WaterTest(day, Map.of(Parameter.TEMPERATURE, 22.0)),
                new WaterTest(day.plusDays(1), Map.of(Parameter.TEMPERATURE, 23.0))));
    assertThat(t.over().readings()).isEqualTo(2);
    assertThat(t.over().time()).isZero();
    assertThat(t.gaps()).isZero();
  }

  /** A sine of 18 ± 4 °C is over 20 °C for acos(1/2)/π = a third of the day. */
  @Test
  void of_a_sine_it_finds_the_share_that_trigonometry_gives() {
    List<WaterTest> tests = new ArrayList<>();
    for (int n = 0; n <= 24 * 60; n += 5) {
      tests.add(at(FROM.plusMinutes(n), 18 + 4 * Math.sin(2 * Math.PI * n / 1440.0)));
    }
    TimeOutside t = of(tests);
    assertThat(t.over().time()).isCloseTo(Duration.ofHours(8), Duration.ofMinutes(2));
    assertThat(t.over().longest()).isCloseTo(Duration.ofHours(8), Duration.ofMinutes(2));
    assertThat(t.words(Parameter.TEMPERATURE, STOOD).text(UnitSystem.METRIC))
        .contains("of 289 readings above 20 °C, 8 h at a stretch");
  }

  @Test
  void time_over_and_under_and_within_make_up_what_was_measured() {
    Random dice = new Random(7);
    for (int round = 0; round < 200; round++) {
      double[] temps = dice.doubles(50, 10, 25).toArray();
      TimeOutside t = of(every(30, temps));
      Range wide = new Range(-1, 40);
      assertThat(TimeOutside.of(every(30, temps), Parameter.TEMPERATURE, wide).isWithin()).isTrue();
      Duration all = t.over().time().plus(t.under().time());
      assertThat(all).isLessThan(Duration.ofMinutes(49 * 30));
      assertThat(t.over().longest()).isLessThanOrEqualTo(t.over().time());
    }
  }
}
