package app.islet.core.calculator;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CalculatorsTest {
  private static Map<String, String> pairs(String words) {
    Map<String, String> map = new LinkedHashMap<>();
    Arrays.stream(words.split(" "))
        .filter(w -> !w.isEmpty())
        .map(w -> w.split("=", 2))
        .forEach(w -> map.put(w[0], w[1]));
    return map;
  }

  /**
   * 231 cubic inches to the US gallon (NIST SP 811, appendix B): a box of 23.1 x 10 x 10 in holds
   * 10 gal.
   */
  @Test
  void a_box_of_2310_cubic_inches_holds_ten_gallons() {
    Map<String, Double> out =
        Calculators.run("tank-volume", pairs("lengthCm=58.674 widthCm=25.4 heightCm=25.4"));
    assertThat(out.get("usGallons")).isCloseTo(10, within(1e-9));
    assertThat(out.get("volumeL")).isCloseTo(37.85411784, within(1e-9));
    assertThat(out.get("footprintCm2")).isCloseTo(58.674 * 25.4, within(1e-9));
    assertThat(out.get("waterMassKg")).isEqualTo(out.get("volumeL"));
  }

  /**
   * ASHRAE's pool equation with vapour pressures of its tables (3.567 kPa at 27 °C, 4.008 kPa at 29
   * °C) and the heat of vaporisation of the steam tables (2437 kJ/kg at 27 °C), all from memory:
   * (3.567 - 0.5 * 4.008) * 0.089 / 2437 kg/s from a square metre of a pool in use.
   */
  @Test
  void a_square_metre_of_pool_loses_as_much_as_the_handbook_says() {
    String pool = "waterC=27 airC=29 rhPercent=50 areaCm2=10000 airSpeedMs=0 ";
    Map<String, Double> used = Calculators.run("evaporation", pairs(pool + "activity=1"));
    double gPerHour = (3.567 - 0.5 * 4.008) * 0.089 / 2437 * 3.6e6;
    assertThat(used.get("gPerHour")).isCloseTo(gPerHour, withinPercentage(0.5));
    assertThat(used.get("coolingW")).isCloseTo(gPerHour / 3600 * 2437, withinPercentage(0.5));
    assertThat(Calculators.run("evaporation", pairs(pool)).get("gPerHour"))
        .as("a quiet surface")
        .isCloseTo(gPerHour / 2, withinPercentage(0.5));
    assertThat(
            Calculators.run("evaporation", pairs(pool.replace("SpeedMs=0", "SpeedMs=1")))
                .get("gPerHour"))
        .isCloseTo(gPerHour / 2 * (0.089 + 0.0782) / 0.089, withinPercentage(0.5));
  }

  /** Psychrometric chart at sea level (ASHRAE Fundamentals, from memory): 30 °C, 50 %: 22.0 °C. */
  @ParameterizedTest
  @ValueSource(doubles = {0.2, 1, 5, 20})
  void no_fan_goes_below_the_wet_bulb_of_the_chart(double speedMs) {
    String tank = "lengthCm=100 widthCm=40 depthCm=40 roomC=30 rhPercent=50 airSpeedMs=";
    Map<String, Double> out = Calculators.run("fan", pairs(tank + speedMs));
    assertThat(out.get("wetBulbC")).isCloseTo(22.0, within(0.2));
    assertThat(out.get("reachesC")).isBetween(out.get("wetBulbC"), out.get("stillC"));
  }

  /** Water colder than the dew point gathers water: 20 °C, 100 % over water of 10 °C. */
  @Test
  void over_cold_water_moisture_condenses() {
    Map<String, Double> cold =
        Calculators.run("evaporation", pairs("waterC=10 airC=20 rhPercent=100 areaCm2=10000"));
    assertThat(cold.get("gPerHour")).isNegative();
    assertThat(cold.get("coolingW")).isNegative();
  }

  @ParameterizedTest(name = "{0} {1}: {2} = {3}")
  @CsvSource({
    "tank-volume, lengthCm=100 widthCm=50 heightCm=40 waterDepthCm=10, volumeL, 50",
    "water-change, nowMgPerL=40 percent=25, afterMgPerL, 30",
    "water-change, nowMgPerL=40 tapMgPerL=20 percent=50, afterMgPerL, 30",
    "water-change-to, nowMgPerL=100 targetMgPerL=51.2 maxPercent=20, changes, 3",
    "tan, feedG=100 proteinPercent=40, tanG, 3.68",
    "tan, feedG=+1e2 proteinPercent=4.e1, tanG, 3.68",
    "tan, feedG=.5 proteinPercent=0, tanG, 0",
    "wet-bulb, airC=20 rhPercent=100, wetBulbC, 20",
    "pull-down, volumeL=100 fromC=24 toC=24 roomC=25 uaWPerK=10 coolingW=0, hours, 0",
    "warm-up, volumeL=100 fromC=18 toC=24 roomC=20 uaWPerK=10 heatingW=100, limitC, 30",
    "ice, volumeL=20 startC=24 iceG=0, finalC, 24",
    "uvi, referenceUvi=3 referenceCm=20 distanceCm=40 transmission=0.5, uvi, 0.375",
    "moon, date=2018-07-28, waxing, 0",
    "daylight, date=2026-06-21 latitude=80 longitude=20, daylightHours, 24",
    "basking-distance, powerW=50 airC=24 targetC=27 measuredC=36 measuredCm=25, distanceCm, 50",
    "heater, lengthCm=100 widthCm=40 depthCm=40 roomC=25 targetC=20 covered=true, needW, 0",
    "temperature-ramp, fromC=27 toC=23.5, days, 4",
    "temperature-ramp, fromC=27 toC=23.5, kPerDay, -0.875",
    "temperature-ramp, fromC=20 toC=23 mostKPerDay=0.1, days, 30",
    "glass, lengthCm=100 heightCm=50 thicknessMm=10, stressMpa, 3.924",
    "oxygen-saturation, tempC=20, mgPerL, 9.092426",
    "oxygen-saturation, tempC=20 salinityPpt=0 pressureHpa=1013.25, mgPerL, 9.092426",
    "ammonia, totalMgPerL=2 tempC=25 pH=9.2463765, unionisedMgPerL, 1",
    "seawater-density, tempC=25 salinityPpt=35, densityKgPerM3, 1023.34306",
    "salt-mix, volumeL=100 fromPpt=10 toPpt=10, saltG, 0",
    "hydrometer, reading=0.99704796 tempC=25 calibrationC=4, salinityPpt, 0",
    "hydrometer, reading=0.9996 tempC=25, salinityPpt, 0",
    "rain, volumeL=100 ppt=10 rainMm=10 catchAreaM2=10 overflows=true, ppt, 5",
    "rain, volumeL=100 ppt=10 rainMm=10 catchAreaM2=10 overflows=true, saltToRestoreG, 500",
    "rain, volumeL=100 ppt=10 rainMm=10 catchAreaM2=10 overflows=false, saltToRestoreG, 1000",
    "water-change-cycle, risePerDay=1 everyDays=7 percent=25, beforeMgPerL, 28",
    "water-change-cycle, risePerDay=1 everyDays=7 percent=25 tapMgPerL=5, afterMgPerL, 26",
    "water-change-cycle, risePerDay=2 everyDays=0.5 percent=100, afterMgPerL, 0",
    "dose, volumeL=19 labelMl=5 labelL=38, doseMl, 2.5",
    "dose, volumeL=1 labelMl=5 labelL=100 sharePercent=50, drops, 0.5",
    "ph-ramp, fromPh=7.9 toPh=6.9, days, 5",
    "ph-ramp, fromPh=6.5 toPh=6.5, perDay, 0",
    "filter-turnover, volumeL=100 caughtL=2 seconds=18, flowLph, 400",
    "filter-turnover, volumeL=100 caughtL=2 seconds=18, perHour, 4",
    // Conservation of energy: with air as warm as the water and saturated, only what is put in goes
    // out.
    "chiller, lengthCm=100 widthCm=40 depthCm=40 roomC=25 targetC=25 rhPercent=100 gainW=40, needW, 40",
    "fan, lengthCm=100 widthCm=40 depthCm=40 roomC=25 rhPercent=100 airSpeedMs=2, reachesC, 25"
  })
  void calculators_answer(String id, String in, String key, double value) {
    assertThat(Calculators.run(id, pairs(in)).get(key)).isCloseTo(value, within(1e-5));
  }

  @ParameterizedTest(name = "{0} {1} is refused: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "tank-volume | lengthCm=NaN widthCm=1 heightCm=1 | lengthCm must be a number from above 0 to 2000 cm but was \"NaN\"",
        "tank-volume | lengthCm=Infinity widthCm=1 heightCm=1 | lengthCm must be a number",
        "tank-volume | lengthCm=60d widthCm=1 heightCm=1 | lengthCm must be a number",
        "tank-volume | lengthCm=25,5 widthCm=1 heightCm=1 | lengthCm must be a number",
        "tank-volume | lengthCm=0x10 widthCm=1 heightCm=1 | lengthCm must be a number",
        "tank-volume | lengthCm= widthCm=1 heightCm=1 | lengthCm must be a number",
        "tank-volume | lengthCm=0 widthCm=1 heightCm=1 | lengthCm must be above 0 to 2000 cm but was 0",
        "tank-volume | lengthCm=2000.1 widthCm=1 heightCm=1 | lengthCm must be above 0 to 2000 cm but was 2000.1",
        "tank-volume | lengthCm=1e999 widthCm=1 heightCm=1 | lengthCm must be",
        "tank-volume | widthCm=1 heightCm=1 | lengthCm is missing; it must be above 0 to 2000 cm",
        "tank-volume | lengthCm=1 widthCm=1 heightCm=1 depthCm=1 | depthCm is not an input of tank-volume",
        "tank-volume | lengthCm=1 widthCm=1 heightCm=1 waterDepthCm=2 | waterDepthCm must be at most heightCm",
        "water-change | nowMgPerL=1 percent=101 | percent must be 0 to 100 % but was 101",
        "water-change | nowMgPerL=1 percent=-1 | percent must be 0 to 100 % but was -1",
        "water-change-to | nowMgPerL=40 targetMgPerL=10 tapMgPerL=10 | targetMgPerL must be above the 10.0 mg/L of the new water",
        "pull-down | volumeL=1 fromC=20 toC=21 roomC=20 uaWPerK=1 coolingW=9 | toC must be at or below fromC",
        "pull-down | volumeL=1 fromC=20 toC=11 roomC=20 uaWPerK=1 coolingW=9 | toC must be above 11.0 °C, where it ends in the long run",
        "pull-down | volumeL=100 fromC=24 toC=20 roomC=24 uaWPerK=0.1 coolingW=350 | uaWPerK must fit coolingW",
        "warm-up | volumeL=100 fromC=20 toC=24 roomC=20 uaWPerK=0.1 heatingW=350 | uaWPerK must fit heatingW",
        "pull-down | volumeL=1 fromC=20 toC=19 roomC=20 uaWPerK=0 coolingW=9 | uaWPerK must be above 0 to 100000",
        "warm-up | volumeL=1 fromC=20 toC=29 roomC=20 uaWPerK=1 heatingW=9 | toC must be below 29.0 °C",
        "moon | date=2026-02-30 | date must be a day as 2027-03-21",
        "moon | date=20260230 | date must be a day",
        "glass | lengthCm=1 heightCm=1 thicknessMm=1 edges=3.5 | edges must be 3 or 4",
        "heater | lengthCm=100 widthCm=40 depthCm=40 roomC=25 targetC=20 covered=yes | covered must be true or false but was \"yes\"",
        "basking-distance | powerW=50 airC=24 targetC=24 | targetC must be above airC",
        "ice | volumeL=10 startC=20 iceG=1 iceC=1 | iceC must be -40 to 0 °C but was 1",
        "oxygen-saturation | tempC=41 | tempC must be -1.8 to 40 °C but was 41",
        "oxygen-saturation | tempC=20 pressureHpa=499 | pressureHpa must be 500 to 1100 hPa but was 499",
        "ammonia | totalMgPerL=1 tempC=20 pH=3 | pH must be 4 to 11 but was 3",
        "salt-mix | volumeL=10 fromPpt=20 toPpt=10 | toPpt must be at least fromPpt (20.0 g/kg)",
        "salt-mix | volumeL=10 fromPpt=0 toPpt=81 | toPpt must be 0 to 80 g/kg but was 81",
        "hydrometer | reading=0.99 tempC=25 | reading must be 1.0000, which is fresh water at 25.0 °C",
        "hydrometer | reading=1.06 tempC=25 | which is 45.0 g/kg, but was 1.06",
        "rain | volumeL=10 ppt=10 rainMm=1 catchAreaM2=1 overflows=1 | overflows must be true or false",
        "water-change-cycle | risePerDay=1 everyDays=0 percent=20 | everyDays must be above 0 to 3650",
        "water-change-cycle | risePerDay=1 everyDays=1 percent=0 | percent must be above 0 to 100 %",
        "dose | volumeL=10 labelMl=5 labelL=38 sharePercent=120 | sharePercent must be 1 to 100 % but was 120",
        "guess | x=1 | there is no calculator \"guess\""
      })
  void what_does_not_fit_is_refused_in_a_sentence_that_names_the_key(
      String id, String in, String sentence) {
    assertThatThrownBy(() -> Calculators.run(id, pairs(in)))
        .isInstanceOf(RefusedException.class)
        .hasMessageContaining(sentence);
  }

  @Test
  void both_ends_of_a_range_count() {
    assertThat(
            Calculators.run("tank-volume", pairs("lengthCm=2000 widthCm=2000 heightCm=2000"))
                .get("volumeL"))
        .isEqualTo(8_000_000);
    assertThat(Calculators.run("water-change", pairs("nowMgPerL=0 percent=100")).get("afterMgPerL"))
        .isZero();
  }

  @Test
  void a_batch_line_answers_or_says_why_not() {
    assertThat(Batch.answer("{\"id\": \"tan\", \"in\": {\"feedG\": 100, \"proteinPercent\": 40}}"))
        .matches("\\{\"tanG\":3\\.(68|67999)\\d*\\}");
    assertThat(
            Batch.answer(
                "{\"id\": \"water-change-to\", \"in\": {\"nowMgPerL\": 80, \"targetMgPerL\": 20, \"maxPercent\": 50}}"))
        .startsWith("{\"changes\":2,\"percentEach\":50.0");
    assertThat(
            Batch.answer(
                "{\"id\": \"tan\", \"in\": {\"feedG\": \"much\", \"proteinPercent\": 40}}"))
        .startsWith("{\"error\":")
        .contains("feedG must be a number");
    assertThat(Batch.answer("{\"id\": \"tan\"}")).startsWith("{\"error\":");
    assertThat(Batch.answer("not json")).startsWith("{\"error\":");
    assertThat(Batch.answer("")).startsWith("{\"error\":");
    assertThat(
            Batch.answer("{\"id\": \"tan\", \"in\": {\"feedG\": 1e999, \"proteinPercent\": 40}}"))
        .startsWith("{\"error\":")
        .contains("feedG");
  }

  @Test
  void a_yes_or_no_is_written_as_one() {
    assertThat(Batch.answer("{\"id\": \"moon\", \"in\": {\"date\": \"1992-04-12\"}}"))
        .matches("\\{\"illuminated\":0\\.678\\d+,\"waxing\":true\\}");
  }

  @Test
  void a_window_is_answered_in_days() {
    assertThat(
            Batch.answer(
                "{\"id\": \"window\", \"in\": {\"date\": \"2027-03-01\", \"leastDays\": 92, \"mostDays\": 122}}"))
        .isEqualTo("{\"from\":\"2027-06-01\",\"to\":\"2027-07-01\"}");
    assertThatThrownBy(
            () ->
                Calculators.run(
                    "window", Map.of("date", "2027-03-01", "leastDays", "9", "mostDays", "8")))
        .hasMessageContaining("mostDays must be at least leastDays, 9, but was 8");
  }

  @Test
  void counts_have_no_fraction() {
    assertThat(Calculators.run("survival", Map.of("begun", "26", "left", "19.0")).get("percent"))
        .isCloseTo(73.0769, within(0.001));
    for (String left : List.of("2.5", "-1", "27", "x", "NaN", "1e9")) {
      assertThatThrownBy(() -> Calculators.run("survival", Map.of("begun", "26", "left", left)))
          .isInstanceOf(RefusedException.class)
          .hasMessageStartingWith("left must be a");
    }
  }

  @Test
  void limits_of_a_rate_end_where_nothing_is_sure() {
    Map<String, String> six = Map.of("cases", "6", "animalMonths", "6");
    Map<String, Double> rate = Calculators.run("incident-rate", six);
    assertThat(rate.get("perAnimalMonth")).isEqualTo(1);
    assertThat(rate.get("low")).isCloseTo(2.202 / 6, within(0.001));
    assertThat(rate.get("high")).isCloseTo(13.059 / 6, within(0.001));
    assertThatThrownBy(
            () ->
                Calculators.run(
                    "incident-rate",
                    Map.of("cases", "6", "animalMonths", "6", "confidencePercent", "100")))
        .hasMessageStartingWith("confidencePercent must be below 100");
    assertThatThrownBy(
            () -> Calculators.run("incident-rate", Map.of("cases", "6", "animalMonths", "0")))
        .hasMessageContaining("animalMonths");
  }

  @Test
  void points_are_read_as_times_and_sizes() {
    String points = "1:109, 2:149,3:149,5:191,7:213,+1e1:224.";
    Map<String, Double> out = Calculators.run("growth-fit", Map.of("points", points));
    assertThat(out).containsOnlyKeys("asymptote", "k", "t0", "residualSs");
    assertThat(out.get("residualSs"))
        .as("no more than with t0 = 0: BoxBOD of NIST, from memory")
        .isLessThanOrEqualTo(1168.0088766);
    assertThat(Batch.answer("{\"id\": \"growth-fit\", \"in\": {\"points\": \"0:1,1:2,2:2.5\"}}"))
        .matches("\\{\"asymptote\":(3\\.0|2\\.9999)\\d*,\"k\":0\\.6931.*");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "0:1",
        "0:1,1:2,2",
        "0:1,1:2,2:",
        "0:1,1:2,2:NaN",
        "0:1,1:2,2:3cm",
        "0:1,1:2,2:1e9",
        "0:1,1:2,2:3:4",
        "0:1;1:2;2:3",
        "0:1,1:2,2:3",
        "0:1,0:2,0:3"
      })
  void points_that_are_none_or_carry_no_curve_are_refused_by_their_key(String points) {
    assertThatThrownBy(() -> Calculators.run("growth-fit", Map.of("points", points)))
        .isInstanceOf(RefusedException.class)
        .hasMessageStartingWith("points")
        .satisfies(e -> assertThat(((RefusedException) e).key()).isEqualTo("points"))
        .satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(200));
  }

  @Test
  void every_definition_can_be_read() {
    assertThat(Calculators.all())
        .extracting(Calculator::id)
        .contains("tank-volume", "water-change", "water-change-to", "tan")
        .doesNotHaveDuplicates();
    assertThat(Calculators.all())
        .allSatisfy(
            c -> {
              assertThat(c.title()).isNotBlank();
              assertThat(c.rule()).isNotBlank();
              assertThat(c.inputs()).isNotEmpty().allMatch(i -> i.min() <= i.max());
              assertThat(c.outputs()).isNotEmpty();
            });
  }

  /** Worked example of a keeper: 4 L in two days is about 54 W. */
  @Test
  void topping_up_tells_how_strong_a_fan_is() {
    Map<String, Double> out = Calculators.run("top-up-power", pairs("litres=4 days=2"));
    assertThat(out.get("watts"))
        .isCloseTo(4 * (2500.8 - 2.372 * 20) * 1000 / 172_800, within(1e-9));
    assertThat(out.get("watts")).isCloseTo(56.8, within(0.1));
  }

  @Test
  void a_reservoir_lasts_as_long_as_it_was_used() {
    assertThat(Calculators.run("reservoir", pairs("litres=20 usedL=3 usedDays=2")).get("days"))
        .isCloseTo(20.0 * 2 / 3, within(1e-9));
  }

  @Test
  void a_pump_without_a_tank_has_no_turnover() {
    assertThat(Calculators.run("pump-flow", pairs("litres=2 seconds=15")))
        .containsOnly(Map.entry("litresPerHour", 480.0));
    assertThat(Calculators.run("pump-flow", pairs("litres=2 seconds=15 volumeL=160")))
        .containsEntry("turnoversPerHour", 3.0);
    assertThat(Batch.answer("{\"id\":\"pump-flow\",\"in\":{\"litres\":2,\"seconds\":15}}"))
        .isEqualTo("{\"litresPerHour\":480.0}");
  }

  @Test
  void twenty_one_tubs_of_three_minutes_are_an_hour_a_day() {
    assertThat(Calculators.run("labour", pairs("units=21 minutesEach=3 days=30")))
        .containsEntry("minutesPerDay", 63.0)
        .containsEntry("hoursTotal", 31.5);
    assertThat(Calculators.run("labour", pairs("units=21 minutesEach=3 days=30 everyDays=2")))
        .containsEntry("minutesPerDay", 31.5);
  }

  @Test
  void ground_is_bought_in_whole_bags() {
    String tank = "lengthCm=100 widthCm=50 depthCm=4 ";
    assertThat(Calculators.run("substrate", pairs(tank)))
        .containsEntry("litres", 20.0)
        .containsEntry("kg", 32.0)
        .doesNotContainKey("bags");
    assertThat(Calculators.run("substrate", pairs(tank + "bagKg=8"))).containsEntry("bags", 4.0);
    assertThat(Calculators.run("substrate", pairs(tank + "bagKg=7.9"))).containsEntry("bags", 5.0);
    assertThat(Calculators.run("substrate", pairs(tank + "kgPerL=1.55 bagKg=31")))
        .as("to the gram")
        .containsEntry("bags", 1.0);
  }

  @ParameterizedTest(name = "{0} in {1}: {2} of {3}, {4} of {5}")
  @CsvSource({
    "39, 7, 4, 6, 3, 5",
    "12, 4, 4, 3, 0, 3",
    "0, 3, 3, 0, 0, 0",
    "2, 5, 2, 1, 3, 0",
    "100000, 1, 1, 100000, 0, 100000"
  })
  void young_are_shared_out_as_evenly_as_can_be(
      String animals, String boxes, double fuller, double inFuller, double others, double inOther) {
    Map<String, Double> split =
        Calculators.run("split", Map.of("animals", animals, "boxes", boxes));
    assertThat(split)
        .containsEntry("fullerBoxes", fuller)
        .containsEntry("animalsInFuller", inFuller)
        .containsEntry("otherBoxes", others)
        .containsEntry("animalsInOther", inOther);
  }

  @Test
  void a_box_that_would_hold_too_many_is_refused_with_the_boxes_it_takes() {
    assertThat(Calculators.run("split", Map.of("animals", "42", "boxes", "7", "mostPerBox", "6")))
        .containsEntry("animalsInFuller", 6.0);
    assertThatThrownBy(
            () ->
                Calculators.run("split", Map.of("animals", "43", "boxes", "7", "mostPerBox", "6")))
        .hasMessageContaining("boxes must be at least 8")
        .hasMessageContaining("but was 7");
  }

  @Test
  void those_that_bathe_while_others_dry_take_less_time() {
    Map<String, Double> session =
        Calculators.run(
            "bath-session", Map.of("animals", "10", "atOnce", "3", "bathMin", "5", "dryMin", "12"));
    assertThat(session)
        .containsEntry("batches", 4.0)
        .containsEntry("totalMin", 32.0)
        .containsEntry("oneByOneMin", 170.0);
  }
}
