package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.Stage;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** How long an animal may be out of sight is common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MissingTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);

  private static Stage adult(String species) {
    return CareLibrary.bundled().find(species).orElseThrow().grown();
  }

  private static LifeEvent ago(int days, LifeEvent.Kind kind) {
    return new LifeEvent(TODAY.minusDays(days), kind, OptionalDouble.empty(), "");
  }

  private static LifeEvent counted(int days, LifeEvent.Kind kind, double some) {
    return new LifeEvent(TODAY.minusDays(days), kind, OptionalDouble.of(some), "");
  }

  private static Optional<Missing> one(String species, LifeEvent... events) {
    return Missing.of(adult(species), true, Arrays.asList(events), Optional.empty(), TODAY);
  }

  @Test
  void nobody_is_missing_whom_nobody_looked_for() {
    assertThat(one("axolotl", ago(60, LifeEvent.Kind.SEEN))).isEmpty();
    assertThat(one("axolotl")).isEmpty();
  }

  @Test
  void it_is_missing_from_the_last_proof_until_the_next() {
    Missing missing =
        one("axolotl", ago(6, LifeEvent.Kind.FED), ago(2, LifeEvent.Kind.MISSED)).orElseThrow();
    assertThat(missing.last().day()).isEqualTo(TODAY.minusDays(6));
    assertThat(missing.words()).contains("not seen since 23 Feb 2027", "4 days are usual");
    assertThat(one("axolotl", ago(2, LifeEvent.Kind.MISSED), ago(1, LifeEvent.Kind.TRACE)))
        .isEmpty();
  }

  @Test
  void what_swims_is_looked_for_every_day_of_a_week_then_every_week() {
    LifeEvent seen = ago(20, LifeEvent.Kind.SEEN);
    assertThat(one("axolotl", seen, ago(6, LifeEvent.Kind.MISSED)).orElseThrow().askAgain())
        .isEqualTo(TODAY.minusDays(5));
    assertThat(
            one("axolotl", seen, ago(10, LifeEvent.Kind.MISSED), ago(3, LifeEvent.Kind.MISSED))
                .orElseThrow()
                .askAgain())
        .isEqualTo(TODAY.plusDays(4));
  }

  @Test
  void what_may_have_dug_in_is_left_in_peace_as_long_as_is_usual() {
    Missing missing =
        one("land-hermit", ago(30, LifeEvent.Kind.SEEN), ago(1, LifeEvent.Kind.MISSED))
            .orElseThrow();
    assertThat(missing.askAgain()).isEqualTo(TODAY.plusDays(60));
    assertThat(missing.steps().get(0)).startsWith("Do not dig");
    assertThat(missing.words()).contains("90 days are usual for one that may have dug in");
    assertThat(
            one("land-hermit", ago(91, LifeEvent.Kind.SEEN), ago(0, LifeEvent.Kind.MISSED))
                .orElseThrow()
                .askAgain())
        .isEqualTo(TODAY.plusDays(1));
  }

  @Test
  void of_a_group_a_meal_proves_nothing_and_a_count_does() {
    List<LifeEvent> some =
        List.of(counted(3, LifeEvent.Kind.MISSED, 2), counted(1, LifeEvent.Kind.FED, 4));
    assertThat(Missing.of(adult("axolotl"), false, some, Optional.empty(), TODAY)).isPresent();
    List<LifeEvent> all =
        List.of(counted(3, LifeEvent.Kind.MISSED, 2), counted(1, LifeEvent.Kind.SEEN, 5));
    assertThat(Missing.of(adult("axolotl"), false, all, Optional.empty(), TODAY)).isEmpty();
  }

  @Test
  void on_one_day_the_later_word_counts() {
    assertThat(one("axolotl", ago(0, LifeEvent.Kind.FED), ago(0, LifeEvent.Kind.MISSED)))
        .isPresent();
    assertThat(one("axolotl", ago(0, LifeEvent.Kind.MISSED), ago(0, LifeEvent.Kind.SEEN)))
        .isEmpty();
  }

  @Test
  void whoever_carried_it_where_it_is_had_it_in_hand() {
    List<LifeEvent> missed = List.of(ago(3, LifeEvent.Kind.MISSED));
    assertThat(Missing.of(adult("axolotl"), true, missed, Optional.of(TODAY.minusDays(1)), TODAY))
        .isEmpty();
  }

  @Test
  void without_any_proof_it_was_last_seen_when_it_came() {
    Missing missing =
        Missing.of(
                adult("slider"),
                true,
                List.of(ago(1, LifeEvent.Kind.MISSED)),
                Optional.of(TODAY.minusDays(14)),
                TODAY)
            .orElseThrow();
    assertThat(missing.last().day()).isEqualTo(TODAY.minusDays(14));
  }
}
