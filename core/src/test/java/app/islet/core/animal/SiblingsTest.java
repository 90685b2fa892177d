package app.islet.core.animal;

import static app.islet.core.Setups.animals;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class SiblingsTest {
  private static Siblings of(double... cm) {
    return Siblings.of(Arrays.stream(cm).mapToObj(each -> animals("axolotl", 1, each)).toList());
  }

  private static List<Double> outlying(double... cm) {
    return of(cm).ranks().stream()
        .filter(Siblings.Rank::outlying)
        .map(Siblings.Rank::lengthCm)
        .toList();
  }

  @Test
  void the_longest_is_first_and_all_are_beside_the_median() {
    Siblings s = of(9, 11, 10);
    assertThat(s.medianCm()).isEqualTo(10);
    assertThat(s.ranks()).extracting(Siblings.Rank::place).containsExactly(1, 2, 3);
    assertThat(s.ranks()).extracting(Siblings.Rank::share).containsExactly(1.1, 1.0, 0.9);
    assertThat(of(9, 10).medianCm()).isEqualTo(9.5);
  }

  /** By hand: median 10, median deviation 0.2, 0.6745 x 1.1 / 0.2 = 3.7, and x 1 / 0.2 = 3.4. */
  @Test
  void an_outlier_is_told_from_the_spread_of_five_and_more() {
    assertThat(outlying(9.8, 9.9, 10, 10.2, 11.1)).containsExactly(11.1);
    assertThat(outlying(9.8, 9.8, 10, 10.2, 11)).isEmpty();
  }

  @Test
  void of_few_a_quarter_off_the_median_is_one() {
    assertThat(outlying(10, 10, 7.4)).containsExactly(7.4);
    assertThat(outlying(10, 10, 7.6)).isEmpty();
    assertThat(outlying(10)).isEmpty();
  }

  @Test
  void what_no_ruler_tells_apart_is_no_outlier() {
    assertThat(outlying(10, 10, 10, 10, 10.4)).isEmpty();
    assertThat(outlying(10, 10, 10, 10, 10.6)).containsExactly(10.6);
  }

  @Test
  void the_smaller_is_parted_from_whom_it_is_too_small_beside() {
    Resident big = animals("axolotl", 1, 10);
    double ratio = big.stage().needs().group().sizeRatio();
    assertThat(TooSmallBeside.holds(animals("axolotl", 1, 10 * ratio + 0.1), big)).isFalse();
    assertThat(TooSmallBeside.holds(animals("axolotl", 1, 10 * ratio - 0.1), big)).isTrue();
    assertThat(TooSmallBeside.holds(big, animals("axolotl", 1, 5))).isFalse();
  }
}
