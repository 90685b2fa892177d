package app.islet.core.proposal;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.steady;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Substrate.Layer;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.review.Finding;
import app.islet.core.review.Outlook;
import app.islet.core.review.Review;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is proposed passes the review on the first day and for as long as it promises. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ProposerTest {
  private static final Site HOME = Site.room(25, 18);

  /** Every stage with one aim, by turns. */
  static Stream<Arguments> everyStage() {
    return byTurns(0);
  }

  /** Every stage with the other. */
  static Stream<Arguments> theOtherAim() {
    return byTurns(1);
  }

  private static Stream<Arguments> byTurns(int first) {
    List<Resident> all =
        CareLibrary.bundled().all().stream()
            .flatMap(
                sheet ->
                    sheet.stages().stream()
                        .map(stage -> Setups.stage(sheet, stage, stage.needs().group().least())))
            .toList();
    return IntStream.range(0, all.size())
        .mapToObj(n -> Arguments.of(all.get(n), (n + first) % 2 == 0 ? Aim.NOW : Aim.GROWN));
  }

  /** A home, or as cool a room as an animal of the cool needs. */
  private static Site room(Resident r) {
    double most =
        Stream.of(r.stage().needs().water(), r.stage().needs().air())
            .flatMap(t -> t.stream())
            .mapToDouble(t -> t.idealC().max())
            .min()
            .orElse(25);
    boolean onLand = r.stage().needs().air().isPresent();
    return onLand && most < 25 ? steady(most) : HOME;
  }

  private static Wish wish(Resident r, Site site) {
    return new Wish("Proposed", List.of(r), site, TODAY, Wish.Limits.NONE);
  }

  private static Proposal proposed(Resident r, Site site, Aim aim) {
    return (aim == Aim.NOW ? Proposer.now(wish(r, site)) : Proposer.grown(wish(r, site)))
        .orElseThrow(() -> new AssertionError(r.words() + ": nothing proposed"));
  }

  private static List<Finding> failing(Enclosure e, Resident r, long days) {
    HusbandryState now = HusbandryState.of(e, List.of(r), TODAY);
    return Outlook.failing(days == 0 ? now : now.after((int) days));
  }

  @ParameterizedTest(name = "{0}, {1}")
  @MethodSource("everyStage")
  void it_passes_now_and_as_long_as_it_promises(Resident r, Aim aim) {
    assertKept(r, aim);
  }

  @ParameterizedTest(name = "{0}, {1}")
  @MethodSource("theOtherAim")
  @Tag("long")
  void it_passes_as_long_as_it_promises_with_the_other_aim(Resident r, Aim aim) {
    assertKept(r, aim);
  }

  private static void assertKept(Resident r, Aim aim) {
    Proposal p = proposed(r, room(r), aim);
    String who = r.words() + ", " + aim;
    assertThat(Review.of(HusbandryState.of(p.design(), List.of(r), TODAY)).findings())
        .as(who)
        .noneMatch(f -> f.severity() == Severity.DANGER || f.severity() == Severity.WRONG);
    for (long day = 0; day <= days(p.asBuiltUntil()); day += 61) {
      assertThat(failing(p.design(), r, day)).as(who + ", day " + day).isEmpty();
    }
    Enclosure e = p.design();
    for (LaterStep step : p.steps()) {
      e = e.with(step.changes());
      assertThat(failing(e, r, step.day())).as(who + ", after the step").isEmpty();
    }
    assertThat(failing(e, r, days(p.until()))).as(who + ", at the end").isEmpty();
    boolean served = p.end().isEmpty();
    assertThat(served).as(who + " ends by " + p.end().map(Finding::rule)).isTrue();
    if (aim == Aim.NOW && !p.changesForm()) {
      assertThat(p.asBuiltUntil()).as(who).isEqualTo(p.until());
      assertThat(days(p.until())).as(who).isEqualTo(Outlook.days(12));
    }
  }

  private static long days(LocalDate day) {
    return ChronoUnit.DAYS.between(TODAY, day);
  }

  @Test
  void a_promise_ends_where_a_larva_goes_on_land() {
    Resident larva = Setups.stage(sheet("eastern-newt"), stage("eastern-newt", "larva"), 6);
    Proposal p = proposed(larva, HOME, Aim.GROWN);
    assertThat(p.changesForm()).isTrue();
    long days = days(p.until());
    assertThat(larva.after(days).stage()).isEqualTo(larva.stage());
    assertThat(larva.after(days + 2).stage().id()).isEqualTo("eft");
  }

  @Test
  void it_is_complete_as_keepers_build_it() {
    Enclosure crabs = proposed(animals("vampire-crab", 6, 2), HOME, Aim.NOW).design();
    assertThat(crabs.ground().below())
        .extracting(Layer::material)
        .containsExactly(SubstrateMaterial.DRAINAGE, SubstrateMaterial.MESH);
    assertThat(crabs.land().orElseThrow().material()).contains(SubstrateMaterial.SOIL);
    assertThat(crabs.land().orElseThrow().litter()).isTrue();
    assertThat(crabs.waysOut()).isGreaterThanOrEqualTo(2);
    assertThat(crabs.furnishings().hidingPlaces()).isGreaterThanOrEqualTo(6);
    assertThat(crabs.furnishings().plants()).isNotEmpty();
    assertThat(crabs.company()).hasSize(2).allMatch(c -> c.established());

    Enclosure slider = proposed(animals("slider", 1, 3), HOME, Aim.NOW).design();
    assertThat(slider.platform()).isPresent();
    assertThat(slider.has(Equipment.UvbLamp.class)).isTrue();
    assertThat(slider.has(Equipment.Filter.class)).isTrue();
    assertThat(slider.first(Equipment.Heater.class).orElseThrow().guarded()).isTrue();

    Enclosure eft =
        proposed(
                Setups.stage(sheet("eastern-newt"), stage("eastern-newt", "eft"), 4),
                steady(20),
                Aim.NOW)
            .design();
    assertThat(eft.ground().material()).isEqualTo(SubstrateMaterial.LEAF_LITTER);
    assertThat(eft.ground().below()).hasSize(3);
    assertThat(eft.furnishings().dishes()).hasSize(1);
  }

  @Test
  void nothing_is_claimed_to_be_measured() {
    Enclosure e = proposed(animals("slider", 1, 18), HOME, Aim.NOW).design();
    assertThat(e.first(Equipment.BaskingLamp.class).orElseThrow().spotC()).isEmpty();
    assertThat(e.first(Equipment.UvbLamp.class).orElseThrow().readUvi()).isEmpty();
    assertThat(e.first(Equipment.Filter.class).orElseThrow().runningSince()).isEmpty();
    assertThat(e.conditions().humidityPercent()).isEmpty();
    assertThat(e.conditions().lidGapCm()).isEmpty();
    assertThat(e.water().chemistry().ph()).isEmpty();
  }

  @Test
  void it_says_why_and_what_it_took_for_granted() {
    Proposal p =
        proposed(Setups.stage(sheet("slider"), stage("slider", "hatchling"), 1), HOME, Aim.NOW);
    assertThat(texts(p.why()))
        .anyMatch(t -> t.startsWith("Floor: "))
        .anyMatch(t -> t.startsWith("Depth: "))
        .anyMatch(t -> t.startsWith("The next smaller, ") && t.contains("serves only until"));
    assertThat(texts(p.assumed()))
        .contains("The room: 25 °C on the warmest day, 18 °C in the coldest night.")
        .anyMatch(t -> t.contains("as usual for the stage"))
        .anyMatch(t -> t.contains("a thermometer decides"));
    assertThat(texts(proposed(animals("slider", 1, 9), HOME, Aim.NOW).assumed()))
        .noneMatch(t -> t.contains("as usual for the stage"));
  }

  private static List<String> texts(List<Phrase> phrases) {
    return phrases.stream().map(p -> p.text(UnitSystem.METRIC)).toList();
  }

  @Test
  void grown_is_not_smaller_than_now_and_serves_to_full_size() {
    Resident hatchling = Setups.stage(sheet("slider"), stage("slider", "hatchling"), 1);
    Proposal now = proposed(hatchling, HOME, Aim.NOW);
    Proposal grown = proposed(hatchling, HOME, Aim.GROWN);
    assertThat(grown.design().vessel().footprintCm2())
        .isGreaterThanOrEqualTo(now.design().vessel().footprintCm2());
    assertThat(hatchling.after(days(grown.until())).bodyCm())
        .isGreaterThan(0.9 * hatchling.sheet().body().adultLengthCm());
  }

  @Test
  void a_hot_room_needs_a_chiller_and_without_one_there_is_no_proposal() {
    Resident axolotls = animals("axolotl", 2, 22);
    Site hot = Site.room(30, 22);
    Wish wish = wish(axolotls, hot);
    Enclosure chilled = Proposer.now(wish).orElseThrow().design();
    assertThat(chilled.has(Equipment.Chiller.class)).isTrue();
    Wish without =
        wish.withLimits(new Wish.Limits(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, false));
    assertThat(Proposer.now(without)).isEmpty();
    assertThat(Proposer.grown(without)).isEmpty();
    assertThat(Proposer.obstacle(without)).map(Finding::rule).contains("too-warm-in-summer");
    assertThat(Proposer.now(wish(axolotls, steady(18))).orElseThrow().design())
        .matches(e -> !e.has(Equipment.Chiller.class));
  }

  @Test
  void it_takes_no_more_room_than_there_is() {
    Resident slider = animals("slider", 1, 20);
    Wish wish = wish(slider, HOME);
    Vessel free = Proposer.now(wish).orElseThrow().design().vessel();
    assertThat(Proposer.now(wish.withLimits(new Wish.Limits(60, 40, true)))).isEmpty();
    assertThat(
            Proposer.now(wish.withLimits(new Wish.Limits(free.lengthCm(), free.widthCm(), true))))
        .map(p -> p.design().vessel())
        .contains(free);
    assertThat(Proposer.now(wish.withLimits(new Wish.Limits(free.lengthCm() - 1, 400, true))))
        .hasValueSatisfying(
            p -> assertThat(p.design().vessel().lengthCm()).isLessThan(free.lengthCm()));
  }

  @Test
  void in_a_vessel_that_is_there_it_says_until_when() {
    Resident hatchling = Setups.stage(sheet("slider"), stage("slider", "hatchling"), 1);
    Proposal small = Proposer.in(new Vessel(100, 40, 40), wish(hatchling, HOME)).orElseThrow();
    assertThat(small.end()).isPresent();
    assertThat(failing(small.design(), hatchling, days(small.asBuiltUntil()))).isEmpty();
    Proposal large = Proposer.in(new Vessel(200, 80, 70), wish(hatchling, HOME)).orElseThrow();
    assertThat(large.until()).isAfter(small.until());
    assertThat(Proposer.in(new Vessel(30, 20, 20), wish(animals("slider", 1, 20), HOME))).isEmpty();
    for (Resident any :
        List.of(hatchling, animals("vampire-crab", 3, 2), animals("dwarf-frog", 2, 3))) {
      assertThat(Proposer.in(new Vessel(2, 1, 1), wish(any, HOME))).isEmpty();
    }
  }

  @Test
  void those_that_cannot_live_together_get_no_proposal() {
    Wish both =
        new Wish(
            "Both",
            List.of(animals("axolotl", 1, 22), animals("dwarf-frog", 3, 3)),
            steady(20),
            TODAY,
            Wish.Limits.NONE);
    assertThat(Proposer.now(both)).isEmpty();
    assertThat(Proposer.obstacle(both)).isPresent();
  }

  @Test
  void a_chiller_is_not_bought_for_what_is_only_near_the_edge() {
    Resident newt = animals("eastern-newt", 2, 9);
    double most = newt.stage().needs().water().map(Needs.Temperature::idealC).orElseThrow().max();
    assertThat(Proposer.now(wish(newt, Site.room(most + 1, 16))).orElseThrow().design())
        .matches(e -> !e.has(Equipment.Chiller.class));
  }

  private static CareSheet sheet(String id) {
    return CareLibrary.bundled().find(id).orElseThrow();
  }

  private static Stage stage(String species, String id) {
    return sheet(species).stage(id).orElseThrow();
  }
}
