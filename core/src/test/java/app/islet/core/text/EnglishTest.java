package app.islet.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class EnglishTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 5);

  @Test
  void a_day_near_today_is_told_by_how_near_it_is() {
    LocalDate thursday = LocalDate.of(2026, 12, 31);
    assertThat(List.of(-30, -2, -1, 0, 1, 2, 6, 7))
        .extracting(days -> English.near(thursday.plusDays(days), thursday))
        .containsExactly(
            "30 days ago",
            "2 days ago",
            "yesterday",
            "today",
            "tomorrow",
            "on Saturday",
            "on Wednesday",
            "on Thu 7 Jan");
  }

  @Test
  void days_are_written_in_english_wherever_the_machine_stands() {
    assertThat(English.day(DAY)).isEqualTo("5 November 2026");
    assertThat(English.dayOfYear(DAY)).isEqualTo("5 November");
    assertThat(English.weekday(DAY)).isEqualTo("Thursday 5 November");
    assertThat(English.shortWeekday(DAY)).isEqualTo("Thu 5 Nov");
    assertThat(English.shortDay(DAY)).isEqualTo("5 Nov 2026");
    assertThat(English.month(DAY)).isEqualTo("November 2026");
    assertThat(English.moment(DAY.atTime(7, 5).atZone(ZoneOffset.UTC)))
        .isEqualTo("5 November 2026, 07:05");
  }

  @Test
  void one_is_single_and_all_else_is_many() {
    assertThat(English.count(0, "hide")).isEqualTo("0 hides");
    assertThat(English.count(1, "hide")).isEqualTo("1 hide");
    assertThat(English.count(2, "hide")).isEqualTo("2 hides");
    assertThat(English.count(1, "box", "boxes")).isEqualTo("1 box");
    assertThat(English.count(3, "box", "boxes")).isEqualTo("3 boxes");
  }

  @Test
  void a_list_ends_with_and() {
    assertThat(English.list(List.of())).isEmpty();
    assertThat(English.list(List.of("newts"))).isEqualTo("newts");
    assertThat(English.list(List.of("newts", "frogs"))).isEqualTo("newts and frogs");
    assertThat(Stream.of("newts", "frogs", "crabs").collect(English.listing()))
        .isEqualTo("newts, frogs and crabs");
  }

  /** The machine of the tests speaks Turkish, where a small i becomes another letter. */
  @Test
  void a_sentence_begins_with_a_capital() {
    assertThat(English.capital("iris")).isEqualTo("Iris");
    assertThat(English.lower("Iris")).isEqualTo("iris");
    assertThat(English.name("Fire salamanders")).isEqualTo("fire salamanders");
    assertThat(English.name("African dwarf frogs")).isEqualTo("African dwarf frogs");
  }

  @Test
  void a_sentence_begins_with_a_capital_where_there_is_one() {
    assertThat(English.capital("two newts")).isEqualTo("Two newts");
    assertThat(English.capital("")).isEmpty();
  }
}
