package app.islet.web.base.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Stairs of cells become slopes; straight edges stay. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SmoothOutlineTest {
  @Test
  void a_long_edge_stays_where_it_is_and_its_corners_are_cut() {
    assertThat(SmoothOutline.of("M2 1h6v4h-6v-4z"))
        .isEqualTo("M2.5 1L7.5 1L8 1.5L8 4.5L7.5 5L2.5 5L2 4.5L2 1.5z");
  }

  @Test
  void steps_of_one_cell_run_straight() {
    String stairs = SmoothOutline.of("M0 0h1v1h1v1h1v1h-3v-3z");
    assertThat(stairs).contains("M0.5 0L1 0.5L1.5 1L2 1.5L2.5 2L3 2.5");
  }

  @Test
  void every_ring_is_closed() {
    assertThat(SmoothOutline.of("M0 0h2v2h-2v-2zM5 5h1v1h-1v-1z").chars().filter(c -> c == 'z'))
        .hasSize(2);
    assertThat(SmoothOutline.of("")).isEmpty();
  }
}
