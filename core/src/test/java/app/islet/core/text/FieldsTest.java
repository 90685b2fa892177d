package app.islet.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.quantity.Range;
import java.time.LocalDate;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FieldsTest {
  private enum Lid {
    OPEN,
    FINE_MESH
  }

  private record Box(String name, double lengthCm, Range tempC, Lid lid) {}

  private static Box box(Fields f) {
    return new Box(
        f.text("name", 10),
        f.number("lengthCm", 1, 100, "cm"),
        f.range("tempC", 0, 40, "°C"),
        f.choice("lid", Lid.class));
  }

  private static Box json(String text) {
    return Fields.of("box.json", Node.json("box.json", text)).whole(FieldsTest::box);
  }

  private static Box yaml(String text) {
    return Fields.of("box.yaml", Node.yaml("box.yaml", text)).whole(FieldsTest::box);
  }

  @Test
  void json_and_yaml_read_the_same() {
    Box box = new Box("tub", 40, new Range(15, 18), Lid.FINE_MESH);
    assertThat(
            json(
                "{\"name\": \"tub\", \"lengthCm\": 40, \"tempC\": [15, 18], \"lid\": \"fine-mesh\"}"))
        .isEqualTo(box);
    assertThat(yaml("name: tub\nlengthCm: 40\ntempC: [15, 18]\nlid: fine-mesh\n")).isEqualTo(box);
  }

  @Test
  void every_problem_is_told_with_its_own_line() {
    assertThatThrownBy(
            () ->
                yaml(
                    "name: a name that is too long\nlengthCm: 400\ntempC: [18, 15]\nlid: glass\nheight: 3\n"))
        .isInstanceOfSatisfying(
            UnreadableException.class,
            e ->
                assertThat(e.problems())
                    .extracting(Problem::path, Problem::line)
                    .containsExactly(
                        Tuple.tuple("/name", 1),
                        Tuple.tuple("/lengthCm", 2),
                        Tuple.tuple("/tempC", 3),
                        Tuple.tuple("/lid", 4),
                        Tuple.tuple("/height", 5)));
  }

  @Test
  void sentences_say_what_would_be_right() {
    assertThatThrownBy(() -> yaml("name: tub\nlengthCm: wide\ntempC: warm\nlid: glass\n"))
        .hasMessageContaining(
            "box.yaml, line 2, /lengthCm: \"wide\" is not a number from 1 to 100 cm")
        .hasMessageContaining("/tempC: \"warm\" is not a pair [least, most] within 0 to 40 °C")
        .hasMessageContaining("/lid: \"glass\" is not one of open, fine-mesh");
    assertThatThrownBy(() -> yaml("name: tub\n"))
        .hasMessageContaining("/lengthCm: this is missing: a number from 1 to 100 cm");
  }

  @Test
  void yaml_numbers_that_are_none_are_refused() {
    for (String none : new String[] {".nan", ".inf", "0x", "1_000_000"}) {
      assertThatThrownBy(
              () -> yaml("name: tub\nlengthCm: " + none + "\ntempC: [1, 2]\nlid: open\n"))
          .as(none)
          .isInstanceOf(UnreadableException.class)
          .hasMessageContaining("line 2");
    }
  }

  @Test
  void a_tab_where_yaml_wants_spaces_is_told_with_its_line() {
    assertThatThrownBy(() -> yaml("name: tub\n\tlengthCm: 4\n"))
        .hasMessageContaining("box.yaml, line 2");
  }

  @Test
  void days_and_lists_are_read() {
    Fields f =
        Fields.of(
            "x",
            Node.json(
                "x",
                "{\"day\": \"2026-03-01\", \"lids\": [\"open\", \"fine-mesh\"], \"words\": [\"a\", \"b\"], \"on\": true}"));
    assertThat(f.optionalDate("day")).contains(LocalDate.of(2026, 3, 1));
    assertThat(f.choices("lids", Lid.class)).containsExactly(Lid.OPEN, Lid.FINE_MESH);
    assertThat(f.texts("words", 5)).containsExactly("a", "b");
    assertThat(f.flag("on", false)).isTrue();
    assertThat(f.flag("off", false)).isFalse();
    f.done();
    f.refuseIfProblems();
  }

  @Test
  void lists_of_the_wrong_things_are_refused() {
    Fields f =
        Fields.of(
            "x",
            Node.json(
                "x",
                "{\"lids\": [\"shut\"], \"words\": [1], \"list\": 3, \"on\": \"yes\", \"day\": \"soon\"}"));
    f.choices("lids", Lid.class);
    f.texts("words", 5);
    f.texts("list", 5);
    f.flag("on", false);
    f.optionalDate("day");
    assertThatThrownBy(f::refuseIfProblems)
        .hasMessageContaining("/lids: \"shut\" is not one of open, fine-mesh")
        .hasMessageContaining("/words: 1 is not a text")
        .hasMessageContaining("/list: 3 is not a list")
        .hasMessageContaining("/on: \"yes\" is not true or false")
        .hasMessageContaining("/day: \"soon\" is not a date such as 2026-03-01");
  }
}
