package app.islet.core.livestock;

import static app.islet.core.Setups.animals;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Measure;
import app.islet.core.animal.OwnGrowth;
import app.islet.core.animal.Resident;
import app.islet.core.care.LawNote;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.UnitSystem;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class NextStageTest {
  private static final LocalDate TODAY = LocalDate.of(2027, 3, 1);
  private static final OptionalDouble UNKNOWN = OptionalDouble.empty();

  private static Resident in(String species, String stage) {
    Resident grown = animals(species, 1, 5);
    return grown.seenAs(grown.sheet().stage(stage).orElseThrow());
  }

  private static NextStage next(Resident r, LifeDates dates) {
    return NextStage.of(r, dates, Optional.empty(), UNKNOWN, TODAY).orElseThrow();
  }

  private static LifeDates hatched(String day) {
    return new LifeDates(Optional.empty(), Optional.of(LocalDate.parse(day)), Optional.empty());
  }

  @Test
  void a_change_of_form_comes_at_an_age() {
    NextStage next = next(in("clawed-frog", "tadpole"), hatched("2027-02-01"));
    assertThat(next.next().id()).isNotEqualTo("tadpole");
    assertThat(next.earliest()).isPresent();
    assertThat(next.latest().orElseThrow()).isAfter(next.earliest().orElseThrow());
    assertThat(next.isDue(next.earliest().orElseThrow())).isTrue();
    assertThat(next.isDue(next.earliest().orElseThrow().minusDays(1))).isFalse();
  }

  @Test
  void nothing_is_told_of_a_form_nobody_knows_the_age_of() {
    NextStage next = next(in("clawed-frog", "tadpole"), LifeDates.UNKNOWN);
    assertThat(next.earliest()).isEmpty();
    assertThat(next.isDue(TODAY)).isFalse();
  }

  @Test
  void eggs_hatch_after_they_were_laid() {
    LifeDates laid =
        new LifeDates(Optional.of(LocalDate.of(2027, 2, 20)), Optional.empty(), Optional.empty());
    NextStage next = next(in("axolotl", "egg"), laid);
    assertThat(next.next().id()).isEqualTo("larva");
    assertThat(next.earliest()).contains(LocalDate.of(2027, 3, 5));
    assertThat(next.latest()).contains(LocalDate.of(2027, 3, 17));
  }

  @Test
  void one_that_grows_comes_to_the_length_twice_as_fast_or_half_as_fast() {
    Resident young = animals("slider", 1, 7);
    NextStage next = next(young, LifeDates.UNKNOWN);
    double days = young.daysUntil(next.next().fromLengthCm()).orElseThrow();
    assertThat(ChronoUnit.DAYS.between(TODAY, next.earliest().orElseThrow()))
        .isEqualTo(Math.round(days / 2));
    assertThat(ChronoUnit.DAYS.between(TODAY, next.latest().orElseThrow()))
        .isEqualTo(Math.round(days * 2));
  }

  @Test
  void its_own_lengths_narrow_the_days() {
    Resident young = animals("slider", 1, 8.9);
    OwnGrowth own =
        OwnGrowth.of(
            young.sheet().growth(),
            List.of(
                new Measure(TODAY.minusDays(365), 6.4),
                new Measure(TODAY.minusDays(180), 7.6),
                new Measure(TODAY, 8.9)));
    NextStage told =
        NextStage.of(young, LifeDates.UNKNOWN, Optional.of(own), UNKNOWN, TODAY).orElseThrow();
    LocalDate middle = TODAY;
    while (own.lengthCm(middle) < told.next().fromLengthCm()) {
      middle = middle.plusDays(1);
    }
    assertThat(middle).isBetween(told.earliest().orElseThrow(), told.latest().orElseThrow());
  }

  @Test
  void what_is_otherwise_then_is_told_with_before_and_after() {
    NextStage next = next(in("axolotl", "larva"), hatched("2027-02-01"));
    assertThat(next.differences()).extracting(NextStage.Difference::about).contains("Floor");
    assertThat(next.differences())
        .filteredOn(d -> d.about().equals("Floor"))
        .singleElement()
        .satisfies(
            d -> {
              assertThat(text(d.before())).contains("150");
              assertThat(text(d.after())).contains("900");
            });
    assertThat(next.differences()).noneMatch(d -> d.before().equals(d.after()));
    assertThat(next.differences()).noneMatch(d -> d.about().equals("How to tell"));
  }

  private static String text(Optional<Phrase> phrase) {
    return phrase.orElseThrow().text(UnitSystem.METRIC);
  }

  @Test
  void the_last_stage_has_no_next() {
    assertThat(
            NextStage.of(
                animals("slider", 1, 25), LifeDates.UNKNOWN, Optional.empty(), UNKNOWN, TODAY))
        .isEmpty();
  }

  @Test
  void the_law_is_told_where_it_says_something_else_then() {
    assertThat(next(animals("slider", 1, 7), LifeDates.UNKNOWN).law())
        .allMatch((LawNote note) -> !note.holdsFor(7));
  }
}
