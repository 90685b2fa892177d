package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.review.Severity.DANGER;
import static app.islet.core.review.Severity.WATCH;
import static app.islet.core.review.Severity.WRONG;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Rules that go by what the keeper tested. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WaterRulesTest {
  private static final Resident AXOLOTLS = axolotls(2, 22);

  static Stream<Arguments> spoiled() {
    return Stream.of(
        row("water-poisoned", DANGER, "nitrite by the kit", tests(1, 0.1, 0.6, 5)),
        row("water-poisoned", DANGER, "ammonia in hard water", tests(1, 7, 0, 5)),
        row("water-poisoned", WRONG, "a trace of nitrite", tests(1, 0.1, 0.15, 5)),
        row(
            "filter-crashed",
            WRONG,
            "clear for a week, and then not",
            tests(30, 2, 1, 1, 20, 0, 0, 5, 16, 0, 0, 5, 12, 0, 0, 5, 1, 0.5, 0.1, 5)),
        row(
            "start-up-not-finished",
            WRONG,
            "an axolotl in the middle of a start-up",
            tests(10, 2, 0, 0, 1, 0.5, 0.9, 2)),
        row(
            "start-up-not-finished",
            WATCH,
            "the proof is still to come",
            tests(10, 2, 0.4, 0, 1, 0, 0, 4)),
        row("nitrate-high", WATCH, "above what is the target", tests(3, 0, 0, 7)),
        row("nitrate-high", WRONG, "twice as much", tests(3, 0, 0, 15)),
        row("nitrate-high", WATCH, "creeping up", creeping()),
        row("wrong-salt", WRONG, "salt by the refractometer", salt(6)),
        row("wrong-salt", DANGER, "much salt by the refractometer", salt(9)),
        row("ph-off", WATCH, "a sour test", ph(5.8)),
        row("measured-temperature", WATCH, "just over what no thermometer sees", warm(18.6)),
        row("measured-temperature", WRONG, "warmer than they stand", warm(22)),
        row("measured-temperature", DANGER, "so warm that it harms", warm(26)),
        row("measured-temperature", WRONG, "colder than they stand", warm(6.5)));
  }

  private static Arguments row(String rule, Severity severity, String what, WaterRecord record) {
    return Arguments.of(rule, severity, what, record);
  }

  /** Fours of days ago, ammonia, nitrite, nitrate. */
  private static WaterRecord tests(double... fours) {
    List<WaterTest> tests = new ArrayList<>();
    for (int n = 0; n < fours.length; n += 4) {
      Map<Parameter, Double> values = new EnumMap<>(Parameter.class);
      values.put(Parameter.AMMONIA, fours[n + 1]);
      values.put(Parameter.NITRITE, fours[n + 2]);
      values.put(Parameter.NITRATE, fours[n + 3]);
      values.put(Parameter.PH, 7.8);
      tests.add(new WaterTest(TODAY.minusDays((long) fours[n]), values));
    }
    return new WaterRecord(tests, List.of());
  }

  private static WaterRecord creeping() {
    List<WaterTest> tests = new ArrayList<>();
    List<WaterEvent> changes = new ArrayList<>();
    for (int week = 10; week >= 0; week--) {
      tests.add(
          new WaterTest(TODAY.minusDays(7L * week), Map.of(Parameter.NITRATE, 4.6 - 0.4 * week)));
      changes.add(new WaterEvent(TODAY.minusDays(7L * week), WaterEvent.Kind.CHANGE, 10));
    }
    return new WaterRecord(tests, changes);
  }

  private static WaterRecord salt(double ppt) {
    return one(Parameter.SALINITY, ppt);
  }

  private static WaterRecord ph(double ph) {
    return one(Parameter.PH, ph);
  }

  private static WaterRecord warm(double tempC) {
    return one(Parameter.TEMPERATURE, tempC);
  }

  private static WaterRecord one(Parameter parameter, double value) {
    return new WaterRecord(
        List.of(new WaterTest(TODAY.minusDays(1), Map.of(parameter, value))), List.of());
  }

  private static Optional<Finding> finding(
      String rule, Enclosure e, WaterRecord record, Resident... residents) {
    return Review.of(HusbandryState.of(e, List.of(residents), TODAY, record)).findings().stream()
        .filter(f -> f.rule().equals(rule))
        .findFirst();
  }

  @ParameterizedTest(name = "{0}: {2}")
  @MethodSource("spoiled")
  void what_was_tested_is_judged(
      String rule, Severity severity, String situation, WaterRecord record) {
    Finding found = finding(rule, axolotlTank(), record, AXOLOTLS).orElseThrow();
    assertThat(found.severity()).isEqualTo(severity);
    assertThat(found.what().text(UnitSystem.METRIC)).isNotBlank().doesNotContain("{}");
    assertThat(found.why().text(UnitSystem.US)).isNotBlank().doesNotContain("{}");
    assertThat(found.remedies())
        .isNotEmpty()
        .allSatisfy(r -> assertThat(r.text().text(UnitSystem.US)).doesNotContain("{}"));
  }

  @Test
  void good_tests_raise_nothing_of_the_water() {
    WaterRecord good = tests(22, 0, 0, 3, 15, 0, 0, 3.1, 8, 0, 0, 3, 1, 0, 0, 3.1);
    assertThat(
            Review.of(HusbandryState.of(axolotlTank(), List.of(AXOLOTLS), TODAY, good)).findings())
        .noneMatch(f -> f.step() == Step.WATER && f.severity() != Severity.NOTE);
  }

  @Test
  void what_was_measured_within_or_long_ago_is_no_alarm() {
    assertThat(finding("measured-temperature", axolotlTank(), warm(17), AXOLOTLS)).isEmpty();
    assertThat(finding("measured-temperature", axolotlTank(), warm(18.5), AXOLOTLS)).isEmpty();
    assertThat(finding("measured-temperature", sliderPool(), warm(26), animals("slider", 1, 18)))
        .isEmpty();
    WaterRecord old =
        new WaterRecord(
            List.of(new WaterTest(TODAY.minusDays(9), Map.of(Parameter.TEMPERATURE, 26.0))),
            List.of());
    assertThat(finding("measured-temperature", axolotlTank(), old, AXOLOTLS)).isEmpty();
  }

  @Test
  void an_hour_too_warm_in_the_week_is_told_though_it_is_cool_now() {
    List<WaterTest> tests = new ArrayList<>();
    for (int hour = 0; hour < 24; hour++) {
      tests.add(
          new WaterTest(
              TODAY.minusDays(1),
              Optional.of(LocalTime.of(hour, 0)),
              Map.of(Parameter.TEMPERATURE, hour == 15 ? 24.0 : 16.0)));
    }
    Finding found =
        finding("measured-temperature", axolotlTank(), new WaterRecord(tests, List.of()), AXOLOTLS)
            .orElseThrow();
    assertThat(found.severity()).isEqualTo(WATCH);
    assertThat(found.what().text(UnitSystem.METRIC))
        .contains("measured at 16 °C", "1 of 24 readings above 20 °C, 1 h at a stretch");
    assertThat(found.why().text(UnitSystem.METRIC)).as("it was warm").startsWith("Warm water");
  }

  @Test
  void an_empty_tank_in_start_up_is_nobodys_danger() {
    assertThat(finding("water-poisoned", axolotlTank(), tests(1, 3, 2, 5))).isEmpty();
    assertThat(finding("filter-crashed", axolotlTank(), tests(1, 3, 2, 5))).isEmpty();
  }

  @Test
  void what_was_tested_goes_before_what_the_design_says() {
    Enclosure salted = axolotlTank().with(new Change("/water/salinityPpt", 8));
    assertThat(finding("wrong-salt", salted, WaterRecord.NONE, AXOLOTLS)).isPresent();
    assertThat(finding("wrong-salt", salted, salt(0), AXOLOTLS)).isEmpty();
    assertThat(finding("wrong-salt", axolotlTank(), salt(8), AXOLOTLS).orElseThrow().remedies())
        .as("the water is mended, not the drawing")
        .allMatch(r -> r.changes().isEmpty());
  }

  /** Free ammonia after Emerson: 1 mg/L is poison at pH 8.5 and little at pH 6.8. */
  @Test
  void the_same_ammonia_is_judged_by_the_ph() {
    assertThat(finding("water-poisoned", axolotlTank(), at(8.5), AXOLOTLS)).isPresent();
    assertThat(finding("water-poisoned", axolotlTank(), at(6.8), AXOLOTLS)).isEmpty();
  }

  private static WaterRecord at(double ph) {
    return new WaterRecord(
        List.of(
            new WaterTest(
                TODAY.minusDays(1),
                Map.of(
                    Parameter.AMMONIA, 1.0,
                    Parameter.NITRITE, 0.0,
                    Parameter.PH, ph,
                    Parameter.TEMPERATURE, 17.0))),
        List.of());
  }

  @Test
  void turtles_stand_more_nitrate_than_skins_do() {
    Enclosure pool = sliderPool();
    assertThat(finding("nitrate-high", pool, tests(3, 0, 0, 7), animals("slider", 1, 18)))
        .isEmpty();
    assertThat(finding("nitrate-high", pool, tests(3, 0, 0, 12), animals("slider", 1, 18)))
        .isPresent();
  }
}
