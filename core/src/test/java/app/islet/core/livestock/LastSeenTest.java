package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class LastSeenTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);

  private static Stage adult(String species) {
    CareSheet sheet = CareLibrary.bundled().find(species).orElseThrow();
    return sheet.grown();
  }

  private static LifeEvent ago(int days, LifeEvent.Kind kind) {
    return new LifeEvent(TODAY.minusDays(days), kind, OptionalDouble.empty(), "");
  }

  private static boolean overdue(String species, int days) {
    return LastSeen.of(adult(species), List.of(ago(days, LifeEvent.Kind.SEEN)), Optional.empty())
        .orElseThrow()
        .isOverdue(TODAY);
  }

  @Test
  void what_swims_in_clear_water_is_looked_for_after_days_and_what_digs_after_months() {
    assertThat(overdue("axolotl", 4)).isFalse();
    assertThat(overdue("axolotl", 5)).isTrue();
    assertThat(overdue("slider", 10)).isFalse();
    assertThat(overdue("slider", 11)).isTrue();
    assertThat(overdue("land-hermit", 90)).isFalse();
    assertThat(overdue("land-hermit", 91)).isTrue();
  }

  @Test
  void a_trace_counts_and_a_note_does_not() {
    LastSeen seen =
        LastSeen.of(
                adult("axolotl"),
                List.of(
                    ago(9, LifeEvent.Kind.FED),
                    ago(2, LifeEvent.Kind.TRACE),
                    ago(0, LifeEvent.Kind.NOTE)),
                Optional.empty())
            .orElseThrow();
    assertThat(seen.daysAgo(TODAY)).isEqualTo(2);
    assertThat(seen.proof()).isEqualTo(LifeEvent.Proof.TRACE);
    assertThat(
            LastSeen.of(adult("axolotl"), List.of(ago(1, LifeEvent.Kind.NOTE)), Optional.empty()))
        .isEmpty();
  }

  /** Whoever carried a group to its place today has seen it, whatever was logged before. */
  @Test
  void an_animal_that_came_today_was_seen_today() {
    List<LifeEvent> longAgo = List.of(ago(275, LifeEvent.Kind.SEEN));
    assertThat(LastSeen.of(adult("slider"), longAgo, Optional.of(TODAY)).orElseThrow().day())
        .isEqualTo(TODAY);
    assertThat(
            LastSeen.of(adult("slider"), longAgo, Optional.of(TODAY.minusDays(300)))
                .orElseThrow()
                .daysAgo(TODAY))
        .isEqualTo(275);
  }

  @Test
  void crabs_moult_and_the_others_shed() {
    assertThat(kinds("land-hermit"))
        .contains(LifeEvent.Kind.MOULTED, LifeEvent.Kind.BERRIED)
        .doesNotContain(LifeEvent.Kind.SHED, LifeEvent.Kind.BASKING);
    assertThat(kinds("slider"))
        .contains(LifeEvent.Kind.SHED, LifeEvent.Kind.BASKING)
        .doesNotContain(LifeEvent.Kind.MOULTED, LifeEvent.Kind.BERRIED);
  }

  @Test
  void what_is_asked_beside_its_judgement_has_no_button() {
    assertThat(kinds("slider"))
        .doesNotContain(LifeEvent.Kind.BELLY, LifeEvent.Kind.RAISED, LifeEvent.Kind.STAGE);
  }

  private static List<LifeEvent.Kind> kinds(String species) {
    return LifeEvent.Kind.of(CareLibrary.bundled().find(species).orElseThrow());
  }
}
