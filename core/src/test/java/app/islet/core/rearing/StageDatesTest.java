package app.islet.core.rearing;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StageDatesTest {
  private static final LocalDate DAY = LocalDate.of(2026, 4, 10);
  private static final RearingGuide GUIDE =
      RearingGuide.of(CareLibrary.bundled().find("fire-salamander").orElseThrow()).orElseThrow();

  @Test
  void half_of_the_tubs_make_it_the_stage_of_the_batch() {
    Map<String, LocalDate> first = Map.of("ridge", DAY);
    Map<String, LocalDate> second = Map.of("ridge", DAY.plusDays(3));
    assertThat(StageDates.ofMost(GUIDE, List.of(first, second, Map.of(), Map.of())))
        .isEqualTo(Map.of("ridge", DAY.plusDays(3)));
    assertThat(StageDates.ofMost(GUIDE, List.of(first, second, Map.of(), Map.of(), Map.of())))
        .isEmpty();
  }

  @Test
  void whoever_is_in_a_later_stage_has_passed_the_earlier_ones() {
    assertThat(StageDates.ofMost(GUIDE, List.of(Map.of("contrast", DAY))))
        .isEqualTo(Map.of("ridge", DAY, "contrast", DAY));
  }

  @Test
  void no_tub_says_nothing() {
    assertThat(StageDates.ofMost(GUIDE, List.of())).isEmpty();
  }
}
