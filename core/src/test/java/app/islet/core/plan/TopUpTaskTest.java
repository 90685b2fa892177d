package app.islet.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** A twentieth of the water may be missing: common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TopUpTaskTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

  private static HusbandryState state(double litresInTenDays) {
    WaterEvent before =
        new WaterEvent(DAY.minusDays(10), WaterEvent.Kind.TOPPED_UP, litresInTenDays);
    WaterEvent now = new WaterEvent(DAY, WaterEvent.Kind.TOPPED_UP, litresInTenDays);
    return HusbandryState.of(
        Setups.axolotlTank(),
        List.of(Setups.axolotls(1, 22)),
        DAY,
        new WaterRecord(List.of(), List.of(before, now)));
  }

  private static Optional<Task> task(double shareADay) {
    double litres = state(1).geometry().waterL();
    return Planner.plan(state(10 * shareADay * litres)).task(Planner.TOP_UP);
  }

  @Test
  void it_is_due_when_a_twentieth_is_missing_by_the_litres_logged() {
    assertThat(task(0.0249).orElseThrow().recurrence().everyDays()).isEqualTo(2);
    assertThat(task(0.0251).orElseThrow().recurrence().everyDays()).isEqualTo(1);
    assertThat(task(0.0249).orElseThrow().amount().text(UnitSystem.METRIC))
        .endsWith("as logged so far");
  }

  @Test
  void where_the_weekly_change_fills_it_up_in_time_nobody_tops_up() {
    assertThat(task(0.05 / 6.9)).as("a day before the change").isPresent();
    assertThat(task(0.05 / 7.1)).isEmpty();
  }
}
