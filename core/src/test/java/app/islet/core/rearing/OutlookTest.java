package app.islet.core.rearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutlookTest {
  private static final LocalDate BORN = LocalDate.of(2026, 4, 1);
  private static final CareSheet SALAMANDER =
      CareLibrary.bundled().find("fire-salamander").orElseThrow();
  private static final RearingGuide GUIDE = RearingGuide.of(SALAMANDER).orElseThrow();
  private static final Housing SINGLY = GUIDE.housing(Housing.Kind.SINGLY).orElseThrow();

  private static List<Tub> tubs(int count, String stage, double litres) {
    Milestone milestone = GUIDE.milestone(stage).orElseThrow();
    return IntStream.rangeClosed(1, count)
        .mapToObj(
            i -> new Tub("t" + i, i, litres, 1, milestone, TubState.NEW, false, Optional.empty()))
        .toList();
  }

  private static Outlook outlook(List<Tub> tubs, List<Outlook.Earlier> earlier, LocalDate today) {
    Timeline timeline =
        Timeline.of(GUIDE, BORN, OptionalDouble.empty(), Map.of("contrast", BORN.plusDays(14)));
    return Outlook.of(GUIDE, SINGLY, timeline, tubs, earlier, OptionalDouble.empty(), today);
  }

  @Test
  void nineteen_tubs_cost_two_minutes_each_and_their_litres_every_day() {
    Outlook outlook = outlook(tubs(19, "contrast", 0.5), List.of(), BORN.plusDays(14));
    assertThat(outlook.minutesADay()).isEqualTo(38);
    assertThat(outlook.litresADay()).isCloseTo(9.5, within(1e-9));
    assertThat(outlook.foodG()).containsKey(YoungFood.Kind.CHOPPED_WORM);
  }

  @Test
  void a_pace_that_was_measured_counts_more_than_what_is_usual() {
    Timeline timeline = Timeline.of(GUIDE, BORN, OptionalDouble.empty(), Map.of());
    Outlook outlook =
        Outlook.of(
            GUIDE,
            SINGLY,
            timeline,
            tubs(10, "born", 0.5),
            List.of(),
            OptionalDouble.of(1.5),
            BORN);
    assertThat(outlook.minutesADay()).isEqualTo(15);
  }

  @Test
  void without_batches_of_its_own_the_guide_says_how_many_reach_the_end() {
    Outlook outlook = outlook(tubs(19, "contrast", 0.5), List.of(), BORN);
    // 60 to 90 % of the whole way.
    assertThat(outlook.reach().min()).isEqualTo(11);
    assertThat(outlook.reach().max()).isEqualTo(18);
    assertThat(outlook.basis()).isEqualTo(Evidence.MEMORY);
    assertThat(outlook(tubs(19, "contrast", 0.5), List.of(), BORN.plusDays(20)).reach().min())
        .isGreaterThan(11);
  }

  @ParameterizedTest(name = "{0} earlier ones count: {1}")
  @CsvSource({"9, false", "10, true"})
  void ten_of_the_keepers_own_tell_more_than_the_guide(int known, boolean own) {
    Outlook outlook =
        outlook(
            tubs(10, "contrast", 0.5),
            List.of(new Outlook.Earlier(known, known)),
            BORN.plusDays(14));
    assertThat(outlook.basis().kind() == Evidence.Kind.MEASURED).isEqualTo(own);
  }

  @Test
  void small_tubs_are_told_before_they_are_too_small() {
    List<Tub> small =
        List.of(new Tub("t", 1, 0.5, 1, GUIDE.first(), TubState.NEW, false, Optional.empty()));
    Timeline young = Timeline.of(GUIDE, BORN, OptionalDouble.empty(), Map.of());
    Optional<Milestone> tooSmall =
        Outlook.of(GUIDE, SINGLY, young, small, List.of(), OptionalDouble.empty(), BORN).tooSmall();
    assertThat(tooSmall.map(Milestone::id)).contains("ridge");
    List<Tub> large =
        List.of(new Tub("t", 1, 1, 1, GUIDE.first(), TubState.NEW, false, Optional.empty()));
    assertThat(
            Outlook.of(GUIDE, SINGLY, young, large, List.of(), OptionalDouble.empty(), BORN)
                .tooSmall())
        .isEmpty();
  }

  @Test
  void the_cause_that_cost_most_is_told_with_what_would_have_saved_them() {
    Losses losses =
        new Losses(
            List.of(
                new Losses.Loss(BORN, "bitten", "1", 5),
                new Losses.Loss(BORN, "", "1", 9),
                new Losses.Loss(BORN, "escaped", "1", 1)));
    Lessons.Saving most = Lessons.of(GUIDE, losses, List.of()).most().orElseThrow();
    assertThat(most.cause()).isEqualTo("bitten");
    assertThat(most.ofAll()).isEqualTo(15);
    assertThat(most.remedy().orElseThrow()).startsWith("Part them on the first day");
    assertThat(Lessons.of(GUIDE, new Losses(List.of()), List.of()).most()).isEmpty();
  }

  @ParameterizedTest(name = "{0} days after the first: {1} °C")
  @CsvSource({"-1, 27", "0, 26.75", "7, 25", "12, 23.75", "13, 23.5", "40, 23.5"})
  void froglets_are_weaned_by_a_quarter_of_a_degree_a_day(int day, double target) {
    Weaning weaning =
        RearingGuide.of(CareLibrary.bundled().find("dwarf-frog").orElseThrow())
            .flatMap(guide -> guide.changes().weaning())
            .orElseThrow();
    assertThat(weaning.days()).isEqualTo(14);
    assertThat(weaning.targetC(BORN, BORN.plusDays(day))).isCloseTo(target, within(1e-9));
  }

  @ParameterizedTest(name = "day {0}: {1} % live")
  @CsvSource({"0, 100", "1, 90", "5, 50", "10, 0", "12, 0"})
  void live_food_gives_way_to_dead_over_ten_days(int day, int live) {
    FoodChange change =
        RearingGuide.of(CareLibrary.bundled().find("axolotl").orElseThrow())
            .flatMap(guide -> guide.changes().food())
            .orElseThrow();
    assertThat(change.oldPercent(day)).isEqualTo(live);
  }

  @ParameterizedTest(name = "after {0} days, {1} cm: ready {2}")
  @CsvSource({"83, 6, false", "84, 6, true", "84, 5.5, true", "84, 5.4, false", "84, , false"})
  void they_are_handed_on_at_their_age_and_size(int days, Double lengthCm, boolean ready) {
    OptionalDouble size = lengthCm == null ? OptionalDouble.empty() : OptionalDouble.of(lengthCm);
    Readiness readiness =
        Readiness.of(GUIDE, SALAMANDER, BORN, size, BORN.plusDays(days)).orElseThrow();
    assertThat(readiness.isReady()).isEqualTo(ready);
    assertThat(readiness.law()).isNotEmpty();
  }

  @Test
  void small_turtles_are_under_the_limit_of_sale() {
    // 21 CFR 1240.62: turtles with a carapace under 4 in (10.16 cm).
    CareSheet slider = CareLibrary.bundled().find("slider").orElseThrow();
    RearingGuide turtles = RearingGuide.of(slider).orElseThrow();
    Readiness small =
        Readiness.of(turtles, slider, BORN, OptionalDouble.of(10.1), BORN).orElseThrow();
    Readiness large =
        Readiness.of(turtles, slider, BORN, OptionalDouble.of(10.2), BORN).orElseThrow();
    assertThat(small.law().size()).isGreaterThan(large.law().size());
  }
}
