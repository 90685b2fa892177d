package app.islet.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class BathTimetableTest {
  private static List<BathTimetable.Bather> crabs(int count) {
    List<BathTimetable.Bather> all = new ArrayList<>();
    for (int i = count; i >= 1; i--) {
      all.add(new BathTimetable.Bather("Crab " + i, i));
    }
    return all;
  }

  @Test
  void eight_crabs_two_at_a_time_take_twenty_seven_minutes() {
    BathTimetable table = BathTimetable.of(crabs(8), 2, 3, 15);
    assertThat(table.session().totalMin()).isEqualTo(27);
    assertThat(table.batches()).hasSize(4);
    assertThat(table.batches().get(3).dryMin()).isEqualTo(27);
    assertThat(table.batches().get(1).startMin()).isEqualTo(table.batches().get(0).outMin());
  }

  @Test
  void the_smallest_come_first_so_that_the_water_only_gets_deeper() {
    BathTimetable table = BathTimetable.of(crabs(5), 2, 3, 15);
    assertThat(table.batches().get(0).bathers()).containsExactly("Crab 1", "Crab 2");
    assertThat(table.batches()).extracting(BathTimetable.Batch::depthCm).isSorted();
    assertThat(table.batches().get(2).bathers()).containsExactly("Crab 5");
  }

  @Test
  void the_table_ends_when_the_session_does() {
    for (int crabs = 1; crabs <= 12; crabs++) {
      for (int atOnce = 1; atOnce <= 4; atOnce++) {
        BathTimetable table = BathTimetable.of(crabs(crabs), atOnce, 4, 12);
        assertThat(table.batches()).hasSize(table.session().batches());
        assertThat(table.batches().get(table.batches().size() - 1).dryMin())
            .isEqualTo(table.session().totalMin());
      }
    }
  }

  @Test
  void the_next_bath_is_from_day_seven_and_by_day_ten() {
    LocalDate last = LocalDate.of(2026, 5, 1);
    assertThat(BathTimetable.notBefore(last)).isEqualTo(LocalDate.of(2026, 5, 8));
    assertThat(BathTimetable.aimBy(last)).isEqualTo(LocalDate.of(2026, 5, 11));
  }
}
