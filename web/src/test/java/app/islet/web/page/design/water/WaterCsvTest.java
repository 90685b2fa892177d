package app.islet.web.page.design.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.quantity.UnitSystem;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import app.islet.web.store.water.KitUnits;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WaterCsvTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
  private static final KitUnits METRIC = new KitUnits(UnitSystem.METRIC, true);

  private static WaterCsv read(String text) {
    return WaterCsv.read(text, METRIC, TODAY);
  }

  private static WaterRecord random(long seed) {
    Random dice = new Random(seed);
    List<WaterTest> tests = new ArrayList<>();
    List<WaterEvent> events = new ArrayList<>();
    for (int day = 200; day > 0; day -= 1 + dice.nextInt(5)) {
      Map<Parameter, Double> values = new EnumMap<>(Parameter.class);
      for (Parameter p : Parameter.values()) {
        if (dice.nextInt(3) > 0) {
          double span = p.possible().max() - p.possible().min();
          values.put(p, p.possible().min() + span * dice.nextDouble());
        }
      }
      values.put(Parameter.PH, 7.0);
      tests.add(new WaterTest(TODAY.minusDays(day), values));
      WaterEvent.Kind kind =
          WaterEvent.Kind.values()[dice.nextInt(WaterEvent.Kind.values().length)];
      double amount = kind.least() + dice.nextDouble() * (kind.most() - kind.least());
      events.add(new WaterEvent(TODAY.minusDays(day), kind, amount));
    }
    return new WaterRecord(tests, events);
  }

  @ParameterizedTest(name = "in {0}, nitrogen as the ion: {1}")
  @CsvSource({"METRIC, true", "METRIC, false", "US, true", "US, false"})
  void what_was_written_is_read_again_in_any_units(UnitSystem units, boolean asIon) {
    WaterRecord record = random(5);
    String text = WaterCsv.write(record, new KitUnits(units, asIon));
    // Whoever reads it has other units; the file names its own.
    WaterCsv csv = WaterCsv.read(text, new KitUnits(UnitSystem.METRIC, !asIon), TODAY);
    assertThat(csv.refused()).isEmpty();
    assertThat(csv.asIon()).isEqualTo(asIon);
    List<WaterTest> tests = csv.record().tests();
    assertThat(tests).hasSameSizeAs(record.tests());
    for (int n = 0; n < tests.size(); n++) {
      WaterTest was = record.tests().get(n);
      WaterTest is = tests.get(n);
      assertThat(is.day()).isEqualTo(was.day());
      assertThat(is.values().keySet()).isEqualTo(was.values().keySet());
      was.values()
          .forEach(
              (p, value) ->
                  assertThat(is.values().get(p))
                      .as(p.words())
                      .isCloseTo(value, within(1e-5 * (1 + Math.abs(value)))));
    }
    assertThat(csv.record().events()).isEqualTo(record.events());
    assertThat(csv.record().without(record).tests()).as("nothing of it is new").isEmpty();
  }

  @Test
  void the_ends_of_what_can_be_come_back_too() {
    Map<Parameter, Double> most = new EnumMap<>(Parameter.class);
    for (Parameter p : Parameter.values()) {
      most.put(p, p.possible().max());
    }
    WaterRecord record = new WaterRecord(List.of(new WaterTest(TODAY, most)), List.of());
    for (UnitSystem units : UnitSystem.values()) {
      assertThat(read(WaterCsv.write(record, new KitUnits(units, true))).refused()).isEmpty();
    }
  }

  @Test
  void semicolons_commas_marks_and_blank_lines_are_understood() {
    WaterCsv csv = read("\uFEFFDate;Nitrate (as ion);KH\n\n2026-02-01T08:30;22,13;5,5\n");
    WaterTest test = csv.record().tests().get(0);
    assertThat(test.value(Parameter.NITRATE).orElseThrow()).isCloseTo(5, within(0.01));
    assertThat(test.value(Parameter.CARBONATE)).hasValue(5.5);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "2026-01-01,,,            | line 2: nothing is tested in it",
        "01.02.2026,,,7           | line 2: \"01.02.2026\" is not a day such as 2026-03-01",
        "2026-03-03,,,7           | line 2: 2026-03-03 is still to come",
        "2026-01-01,,,NaN         | line 2: pH \"NaN\" is not a number",
        "2026-01-01,,,1e3         | line 2: pH \"1e3\" is not a number",
        "2026-01-01,change,101,   | line 2: Water change must be between 1.0 and 100.0 but was 101.0",
        "2026-01-01,change,,      | line 2: amount \"\" is not a number",
        "2026-01-01,prayed,,      | line 2: \"prayed\" is nothing known here"
      })
  void a_line_that_cannot_be_is_refused_with_its_reason(String line, String reason) {
    WaterCsv csv = read("day,what,amount,ph\n" + line.strip() + "\n");
    assertThat(csv.lines()).isZero();
    assertThat(csv.refused()).singleElement().asString().startsWith(reason.strip());
  }

  @ParameterizedTest(name = "{1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "''            | Line 1: the file is empty.",
        "day           | Line 1: the first line should name the columns",
        "ph,kh         | Line 1: the first line should name the columns",
        "day,ph,mood   | Line 1: \"mood\" is no column known here"
      })
  void a_file_of_another_kind_is_not_read_at_all(String text, String reason) {
    assertThat(read(text).unreadable()).startsWith(reason);
  }

  @Test
  void what_hardly_ever_is_is_told_and_read() {
    WaterCsv csv = read("day,ph [],ammonia [mg/L N]\n2026-01-01,5.1,9\n");
    assertThat(csv.lines()).isEqualTo(1);
    assertThat(csv.unusual())
        .containsExactlyInAnyOrder("line 2: pH 5.1", "line 2: ammonia 9 mg/L N");
  }

  @Test
  void more_lines_than_are_read_at_once_are_refused_whole() {
    String many = "day,ph\n" + "2026-01-01,7\n".repeat(WaterCsv.MAX_LINES + 1);
    assertThat(read(many).unreadable()).contains("no more than 20000 lines");
    assertThat(read(many).lines()).isZero();
  }
}
