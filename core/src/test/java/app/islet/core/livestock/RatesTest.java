package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.distribution.discrete.BinomialDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RatesTest {
  /** 95 % limits of a Poisson count: Garwood 1936, Biometrika 28, 437-442, table; from memory. */
  @ParameterizedTest
  @CsvSource({
    "0, 0, 3.689",
    "1, 0.0253, 5.572",
    "2, 0.242, 7.225",
    "3, 0.619, 8.767",
    "4, 1.090, 10.242",
    "5, 1.623, 11.668",
    "6, 2.202, 13.059",
    "7, 2.814, 14.423",
    "8, 3.454, 15.763",
    "9, 4.115, 17.085",
    "10, 4.795, 18.390",
    "15, 8.395, 24.740",
    "20, 12.217, 30.888",
    "30, 20.241, 42.827",
    "50, 37.111, 65.919"
  })
  void poisson_limits_are_those_of_the_table(int cases, double low, double high) {
    IncidentRate rate = IncidentRate.of(cases, 1, 95);
    assertThat(rate.low()).isCloseTo(low, within(0.001));
    assertThat(rate.high()).isCloseTo(high, within(0.001));
  }

  @Test
  void six_in_six_months_and_none_in_six_read_as_what_they_are() {
    IncidentRate six = IncidentRate.of(6, 6, 95);
    IncidentRate none = IncidentRate.of(0, 6, 95);
    assertThat(six.perAnimalMonth()).isEqualTo(1);
    assertThat(none.perAnimalMonth()).isZero();
    // They overlap: so few are no proof.
    assertThat(six.low()).isLessThan(none.high());
    assertThat(IncidentRate.of(12, 12, 95).low()).isGreaterThan(IncidentRate.of(0, 12, 95).high());
  }

  @Test
  void many_cases_come_near_the_normal_law() {
    IncidentRate rate = IncidentRate.of(100_000, 100_000, 95);
    assertThat(rate.low()).isCloseTo(1 - 1.96 / Math.sqrt(100_000), within(1e-5));
    assertThat(rate.high()).isCloseTo(1 + 1.96 / Math.sqrt(100_000), within(2e-5));
  }

  /** The example of R's own page of binom.test: Mendel's 682 of 925, after Conover 1971. */
  @Test
  void binomial_limits_are_those_of_the_worked_example() {
    Survival s = Survival.of(925, 682, 95);
    assertThat(s.lowPercent()).isCloseTo(70.76683, within(1e-5));
    assertThat(s.highPercent()).isCloseTo(76.54066, within(1e-5));
  }

  @Test
  void at_the_limits_what_was_seen_is_just_so_unlikely() {
    Survival s = Survival.of(26, 19, 95);
    assertThat(s.percent()).isCloseTo(73.08, within(0.01));
    assertThat(1 - new BinomialDistribution(26, s.lowPercent() / 100).cumulativeProbability(18))
        .isCloseTo(0.025, within(1e-6));
    assertThat(new BinomialDistribution(26, s.highPercent() / 100).cumulativeProbability(19))
        .isCloseTo(0.025, within(1e-6));
  }

  @Test
  void all_and_none_have_one_limit_each() {
    assertThat(Survival.of(10, 10, 95).highPercent()).isEqualTo(100);
    // 0.025 to the power of a tenth.
    assertThat(Survival.of(10, 10, 95).lowPercent())
        .isCloseTo(100 * Math.pow(0.025, 0.1), within(1e-6));
    assertThat(Survival.of(10, 0, 95).lowPercent()).isZero();
    assertThat(Survival.of(1, 1, 100)).isEqualTo(new Survival(100, 0, 100));
  }
}
