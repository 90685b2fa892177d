package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Measure;
import app.islet.core.animal.OwnGrowth;
import app.islet.core.animal.Resident;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Site;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OutlookTest {
  private static final Resident YOUNG = animals("slider", 1, 7);

  private static final Site UNDER_THE_SKY =
      new Site(
          26,
          16,
          8,
          3,
          70,
          Optional.empty(),
          false,
          0,
          OptionalDouble.of(48),
          OptionalDouble.of(11),
          true);

  private static HusbandryState starterTank() {
    return HusbandryState.of(
        tank(80, 50, 45, 30, new Equipment.Filter(400, Optional.empty(), true))
            .withSite(steady(24)),
        List.of(YOUNG),
        TODAY);
  }

  @Test
  void a_starter_tank_is_outgrown_in_the_month_the_growth_says() {
    List<Outlook.Event> events = Outlook.of(starterTank(), 60).events();
    Outlook.Event water =
        events.stream()
            .filter(e -> e.finding().rule().equals("too-little-water"))
            .filter(e -> e.finding().severity() == Severity.WRONG)
            .findFirst()
            .orElseThrow();
    HusbandryState then = starterTank().after((int) Math.round(water.month() * 30.44));
    HusbandryState before = starterTank().after((int) Math.round((water.month() - 1) * 30.44));
    assertThat(fails(then)).isTrue();
    assertThat(fails(before)).isFalse();
    assertThat(water.day()).isEqualTo(then.date());
  }

  private static boolean fails(HusbandryState s) {
    return Review.of(s).findings().stream()
        .anyMatch(f -> f.rule().equals("too-little-water") && f.severity() == Severity.WRONG);
  }

  @Test
  void events_come_soonest_first_and_each_once() {
    List<Outlook.Event> events = Outlook.of(starterTank(), 60).events();
    assertThat(events).extracting(Outlook.Event::month).isSorted();
    assertThat(events)
        .extracting(e -> e.finding().rule() + " " + e.finding().severity())
        .doesNotHaveDuplicates();
  }

  @Test
  void a_thing_is_told_when_it_is_to_be_watched_and_again_when_it_is_wrong() {
    List<Severity> water =
        Outlook.of(starterTank(), 60).events().stream()
            .map(Outlook.Event::finding)
            .filter(f -> f.rule().equals("too-little-water"))
            .map(Finding::severity)
            .toList();
    assertThat(water)
        .startsWith(Severity.WATCH, Severity.WRONG)
        .isSortedAccordingTo(Comparator.reverseOrder());
  }

  @Test
  void under_the_sky_nobody_grows_through_the_winter_rest() {
    Resident turtle = animals("spotted-turtle", 1, 9);
    HusbandryState indoors = HusbandryState.of(tank(100, 50, 45, 20), List.of(turtle), TODAY);
    HusbandryState outdoors =
        HusbandryState.of(tank(100, 50, 45, 20).withSite(UNDER_THE_SKY), List.of(turtle), TODAY);
    double inside = indoors.after(365).residents().get(0).bodyCm();
    double outside = outdoors.after(365).residents().get(0).bodyCm();
    // Ten weeks of fifty-two, by its sheet.
    assertThat(outside).isEqualTo(turtle.after(365 - 71).bodyCm());
    assertThat(inside).isEqualTo(turtle.after(365).bodyCm());
    assertThat(outdoors.after(180).residents()).isEqualTo(indoors.after(180).residents());
  }

  @Test
  void the_review_and_the_outlook_tell_one_month_for_outgrown() {
    HusbandryState s = starterTank();
    Finding soon =
        Review.of(s).findings().stream()
            .filter(f -> f.rule().equals("soon-outgrown"))
            .findFirst()
            .orElseThrow();
    Outlook.Event first =
        Outlook.of(s, 60).events().stream()
            .filter(e -> Outlook.ROOM.contains(e.finding().rule()))
            .findFirst()
            .orElseThrow();
    assertThat(soon.what().text(UnitSystem.METRIC))
        .startsWith("Outgrown in about %d to %d months".formatted(first.month() - 1, first.month()))
        .contains(first.day().format(DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH)));
  }

  @Test
  void what_fails_today_is_no_event() {
    HusbandryState crowded =
        HusbandryState.of(
            tank(40, 30, 40, 30).withSite(steady(17)), List.of(axolotls(3, 20)), TODAY);
    List<String> today =
        Review.of(crowded).findings().stream()
            .filter(f -> f.severity().compareTo(Severity.WRONG) <= 0)
            .map(Finding::rule)
            .toList();
    assertThat(today).contains("floor-too-small");
    assertThat(Outlook.of(crowded, 24).events()).noneMatch(e -> today.contains(e.finding().rule()));
  }

  @Test
  void grown_animals_in_a_fit_enclosure_have_nothing_ahead() {
    assertThat(
            Outlook.of(HusbandryState.of(axolotlTank(), List.of(axolotls(2, 26)), TODAY), 60)
                .events())
        .isEmpty();
    assertThat(Outlook.of(HusbandryState.of(sliderPool(), List.of(), TODAY), 60).events())
        .isEmpty();
  }

  /**
   * 2.5, 3.0 and 3.5 inches within a year: half an inch takes another six months and a little more,
   * since growth slows; the sheet alone would say three.
   */
  @Test
  void own_measurements_move_the_month_in_which_a_tank_is_outgrown() {
    CareSheet sheet = CareLibrary.bundled().find("slider").orElseThrow();
    List<Measure> lengths =
        List.of(
            new Measure(TODAY.minusMonths(12), 2.5 * 2.54),
            new Measure(TODAY.minusMonths(6), 3.0 * 2.54),
            new Measure(TODAY, 3.5 * 2.54));
    Resident average = animals("slider", 1, 3.5 * 2.54);
    Resident own =
        new Resident(
            "It",
            sheet,
            average.heads(),
            average.size().measured(0, Optional.of(OwnGrowth.of(sheet.growth(), lengths).growth())),
            average.keeping());
    // A hundredth less is not seen: so much shallower it is outgrown on the day.
    double fourInches = 0.99 * depthFor(4 * 2.54);
    assertThat(monthOutgrown(fourInches, average)).isEqualTo(3);
    assertThat(monthOutgrown(fourInches, own)).isEqualTo(7);
    assertThat(outgrown(fourInches, own)).startsWith("Outgrown in about 6 to 7 months");
    // What was measured three months ago has grown since.
    Resident earlier =
        new Resident(
            "It", sheet, own.heads(), own.size().measured(91, own.size().growth()), own.keeping());
    assertThat(monthOutgrown(fourInches, earlier)).isEqualTo(4);
  }

  /** Filled with just the water that one of that length needs. */
  private static double depthFor(double lengthCm) {
    double litres =
        new SpaceNeeds(Cohort.of(List.of(animals("slider", 1, lengthCm)))).waterL().orElseThrow();
    return litres * 1000 / (100 * 50) + 0.001;
  }

  private static HusbandryState in(double depthCm, Resident who) {
    return HusbandryState.of(tank(100, 50, 60, depthCm).withSite(steady(24)), List.of(who), TODAY);
  }

  private static int monthOutgrown(double depthCm, Resident who) {
    return Outlook.of(in(depthCm, who), 24).events().stream()
        .filter(e -> e.finding().rule().equals("too-little-water"))
        .mapToInt(Outlook.Event::month)
        .findFirst()
        .orElseThrow();
  }

  private static String outgrown(double depthCm, Resident who) {
    return Review.of(in(depthCm, who)).findings().stream()
        .filter(f -> f.rule().equals("soon-outgrown"))
        .map(f -> f.what().text(UnitSystem.METRIC))
        .findFirst()
        .orElseThrow();
  }
}
