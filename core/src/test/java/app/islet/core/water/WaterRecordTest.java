package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What one record says that another does not. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WaterRecordTest {
  private static final LocalDate DAY = LocalDate.of(2026, 2, 1);

  private static WaterTest nitrate(double mgPerL) {
    return new WaterTest(DAY, Map.of(Parameter.NITRATE, mgPerL));
  }

  private static WaterRecord tests(WaterTest... tests) {
    return new WaterRecord(List.of(tests), List.of());
  }

  private static WaterRecord done(WaterEvent... events) {
    return new WaterRecord(List.of(), List.of(events));
  }

  @ParameterizedTest
  @CsvSource({"5, 5, 0", "5, 5.000001, 0", "5, 5.001, 1", "0, 0, 0", "0, 0.01, 1", "0.05, 50, 1"})
  void a_value_in_other_units_and_back_is_the_same(double mine, double theirs, int missing) {
    assertThat(tests(nitrate(mine)).without(tests(nitrate(theirs))).tests()).hasSize(missing);
  }

  @ParameterizedTest
  @CsvSource({"2, 0, 2", "2, 1, 1", "2, 2, 0", "1, 2, 0"})
  void two_alike_are_two(int mine, int there, int missing) {
    WaterEvent change = new WaterEvent(DAY, WaterEvent.Kind.CHANGE, 30);
    WaterRecord file =
        new WaterRecord(List.of(), Stream.generate(() -> change).limit(mine).toList());
    WaterRecord log =
        new WaterRecord(List.of(), Stream.generate(() -> change).limit(there).toList());
    assertThat(file.without(log).events()).hasSize(missing);
  }

  @Test
  void another_day_kind_amount_or_one_more_value_is_another_line() {
    WaterEvent change = new WaterEvent(DAY, WaterEvent.Kind.CHANGE, 30);
    WaterRecord log = done(change);
    assertThat(
            done(
                    change,
                    new WaterEvent(DAY.plusDays(1), WaterEvent.Kind.CHANGE, 30),
                    new WaterEvent(DAY, WaterEvent.Kind.NEW_MEDIA, 30),
                    new WaterEvent(DAY, WaterEvent.Kind.CHANGE, 31))
                .without(log)
                .events())
        .hasSize(3)
        .doesNotContain(change);
    WaterTest more = new WaterTest(DAY, Map.of(Parameter.NITRATE, 5.0, Parameter.PH, 7.0));
    assertThat(tests(nitrate(5), more).without(tests(nitrate(5))).tests()).containsExactly(more);
  }
}
