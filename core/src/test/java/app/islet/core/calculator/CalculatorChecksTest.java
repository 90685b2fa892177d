package app.islet.core.calculator;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every output of every calculator against a value from outside: a published check value, a table,
 * a law of conservation, or its formula worked apart. A new calculator fails here until its outputs
 * have their lines in {@code checks.csv}, each with where the value is from.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CalculatorChecksTest {
  /** Outputs that follow from another of the same calculator, as the test below works out. */
  private static final Set<String> FOLLOW =
      Set.of("heater sizeW", "chiller sizeW", "basking-distance burnsWithinCm");

  private static Map<String, Double> run(String id, String in) {
    return Calculators.run(
        id,
        Arrays.stream(in.split(" "))
            .map(w -> w.split("=", 2))
            .collect(Collectors.toMap(w -> w[0], w -> w[1])));
  }

  @ParameterizedTest(name = "{0} {1}: {2} is {3} ({5})")
  @CsvFileSource(resources = "checks.csv", numLinesToSkip = 1, delimiter = '|')
  void a_calculator_says_what_its_source_says(
      String id, String in, String key, double value, double tolerance, String source) {
    assertThat(source).isNotBlank();
    assertThat(run(id, in).get(key)).isCloseTo(value, within(Math.max(tolerance, 1e-12)));
  }

  @Test
  void no_output_of_any_calculator_goes_unchecked() throws IOException {
    Set<String> checked = new TreeSet<>(FOLLOW);
    try (BufferedReader table =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(getClass().getResourceAsStream("checks.csv")),
                StandardCharsets.UTF_8))) {
      table
          .lines()
          .skip(1)
          .map(line -> line.split("\\|"))
          .forEach(line -> checked.add(line[0] + " " + line[2]));
    }
    assertThat(Calculators.all())
        .flatExtracting(c -> c.outputs().stream().map(o -> c.id() + " " + o.key()).toList())
        .containsExactlyInAnyOrderElementsOf(checked);
  }

  /** A third in reserve for a heater, half for a chiller; common practice, no source. */
  @ParameterizedTest
  @CsvSource({"heater, roomC=15 covered=false, 1.3", "chiller, roomC=27, 1.5"})
  void what_is_bought_has_something_in_reserve(String id, String room, double times) {
    Map<String, Double> out = run(id, "lengthCm=100 widthCm=40 depthCm=40 targetC=20 " + room);
    assertThat(out.get("needW")).isPositive();
    assertThat(out.get("sizeW")).isCloseTo(times * out.get("needW"), within(1e-9));
  }

  /** Twelve kelvins over the air at 25 cm: inverse square. Skin burns from 50 °C; from memory. */
  @Test
  void a_lamp_burns_where_its_square_says() {
    assertThat(
            run("basking-distance", "powerW=50 airC=24 targetC=27 measuredC=36 measuredCm=25")
                .get("burnsWithinCm"))
        .isCloseTo(25 * Math.sqrt(12 / (BURNS_C - 24)), within(1e-5));
  }

  /** What a fan carries off is what the open surface evaporates at the temperature it reaches. */
  @Test
  void a_fan_tops_up_what_the_surface_loses() {
    Map<String, Double> fan =
        run("fan", "lengthCm=100 widthCm=40 depthCm=40 roomC=28 rhPercent=50 airSpeedMs=1");
    Map<String, Double> surface =
        run(
            "evaporation",
            "waterC=%s airC=28 rhPercent=50 areaCm2=4000 airSpeedMs=1"
                .formatted(fan.get("reachesC")));
    assertThat(fan.get("topUpLPerDay"))
        .isCloseTo(surface.get("gPerHour") * 24 / 1000, within(1e-6));
    assertThat(fan.get("stillC")).isGreaterThan(fan.get("reachesC"));
  }

  private static final double BURNS_C = 50;
}
