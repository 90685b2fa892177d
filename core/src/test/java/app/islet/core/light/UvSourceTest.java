package app.islet.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.analysis.integration.SimpsonIntegrator;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class UvSourceTest {
  private static final UvSource.Reading READ = new UvSource.Reading(4, 30);

  @Test
  void a_spot_follows_the_inverse_square() {
    UvSource spot = new UvSource(0);
    assertThat(spot.uvi(READ, 30, 0, 0)).isCloseTo(4, within(1e-12));
    assertThat(spot.uvi(READ, 60, 0, 0)).isCloseTo(1, within(1e-12));
    assertThat(spot.uvi(READ, 30, 40, 0)).isCloseTo(4 * Math.pow(0.6, 3), within(1e-12));
    assertThat(spot.uvi(READ, 30, 24, 32))
        .as("the same way off in any direction")
        .isCloseTo(spot.uvi(READ, 30, 40, 0), within(1e-12));
  }

  /** The closed form against the integral it stands for, summed by Hipparchus. */
  @ParameterizedTest(name = "a tube of {0} cm, {1} below, {2} along, {3} across")
  @CsvSource({"55, 20, 0, 0", "55, 20, 30, 0", "115, 45, -60, 0", "24, 10, 5, 12"})
  void a_tube_is_the_sum_of_its_elements(double lampCm, double d, double along, double across) {
    double summed =
        new SimpsonIntegrator(1e-10, 1e-14, 5, 30)
            .integrate(
                1_000_000,
                s -> {
                  double r2 = d * d + across * across + (s - along) * (s - along);
                  return d * d / (r2 * r2);
                },
                -lampCm / 2,
                lampCm / 2);
    assertThat(new UvSource(lampCm).relative(d, along, across))
        .isCloseTo(summed, within(summed * 1e-8));
  }

  @Test
  void a_long_tube_near_by_falls_off_with_the_distance_and_a_far_one_as_a_spot() {
    UvSource tube = new UvSource(2000);
    assertThat(tube.relative(5, 0, 0) / tube.relative(10, 0, 0)).isCloseTo(2, within(1e-3));
    UvSource far = new UvSource(10);
    assertThat(far.relative(500, 0, 0) / far.relative(1000, 0, 0)).isCloseTo(4, within(1e-2));
  }

  @Test
  void either_side_of_the_middle_is_the_same_and_nearer_is_more() {
    UvSource tube = new UvSource(55);
    assertThat(tube.relative(25, 18, 0)).isCloseTo(tube.relative(25, -18, 0), within(1e-15));
    assertThat(tube.relative(20, 0, 0)).isGreaterThan(tube.relative(21, 0, 0));
    assertThat(tube.relative(20, 0, 5)).isLessThan(tube.relative(20, 0, 4));
  }
}
