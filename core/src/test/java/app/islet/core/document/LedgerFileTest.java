package app.islet.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LedgerFileTest {
  private static final String HEAD = "date,animals,count,from,to,cause,note\n";

  private static List<Movement> read(String lines) {
    return LedgerFile.read("a.csv", HEAD + lines);
  }

  @Test
  void the_sample_reads_and_adds_up() throws IOException {
    List<Movement> all =
        LedgerFile.read("ledger.csv", Files.readString(Path.of("../samples/ledger.csv")));
    Ledger ledger = Ledger.of(all);
    LocalDate end = LocalDate.of(2027, 5, 1);
    assertThat(ledger.census(end).lines())
        .containsExactly(
            new Census.Line("Clutch of March", "Tub 1", 7, 7),
            new Census.Line("Clutch of March", "Tub 2", 8, 8),
            new Census.Line("Pip", "Slate tank", 1, 1));
    assertThat(ledger.balanceOfAll("Clutch of March", end).alive()).isEqualTo(16);
    assertThat(LedgerFile.read("again.csv", LedgerFile.write(all))).isEqualTo(all);
  }

  @Test
  void quotes_commas_line_breaks_marks_of_order_and_empty_ends_are_read() {
    List<Movement> all =
        read(
            "2027-01-01,\"Frogs, \"\"big\"\"\",5,begun,\"Tub\n1\",,\r\n\n2027-01-02,\"Frogs, \"\"big\"\"\",1,\"Tub\n1\",Sold,,x\n");
    assertThat(all.get(0).animals()).isEqualTo("Frogs, \"big\"");
    assertThat(all.get(1).to()).isEqualTo(Place.out(Place.Kind.SOLD));
    assertThat(LedgerFile.read("b.csv", "\uFEFF" + LedgerFile.write(all))).isEqualTo(all);
    assertThat(LedgerFile.read("c.csv", "from,to,date,animals,count\nbegun,Tub,2027-01-01,Frogs,2"))
        .containsExactly(Movement.begun(LocalDate.of(2027, 1, 1), "Frogs", 2, Place.kept("Tub")));
    assertThat(read("")).isEmpty();
  }

  @Test
  void days_out_of_order_are_sorted() {
    List<Movement> all = read("2027-02-01,Frogs,2,Tub,Tank,,\n2027-01-01,Frogs,3,begun,Tub,,\n");
    assertThat(Ledger.of(all).census(LocalDate.of(2027, 1, 31)).at("Tub").heads()).isEqualTo(3);
  }

  /** A pair of words is only a hand-over where there are such animals. */
  @Test
  void a_place_may_be_called_into_the_woods() {
    assertThat(read("2027-01-01,Frogs,2,begun,into the woods,,\n").get(0).to())
        .isEqualTo(Place.kept("into the woods"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2027-01-02,Frogs,6,Tub,Tank,,|line 3: 6 of Frogs cannot go from Tub on 2 January 2027: 5 are in Tub.",
        "2027-01-02,Frogs,-1,Tub,Tank,,|line 3: the count is -1; it must be a whole number from 1",
        "2027-01-02,Frogs,0,Tub,Tank,,|line 3: the count is 0; it must be a whole number from 1",
        "2027-01-02,Frogs,1.5,Tub,Tank,,|line 3: the count is \"1.5\"; it must be a whole number from 1",
        "2027-01-02,Frogs,,Tub,Tank,,|line 3: the count is \"\"",
        "02.01.2027,Frogs,1,Tub,Tank,,|line 3: the date is \"02.01.2027\"; write it as 2027-03-21",
        "2027-02-30,Frogs,1,Tub,Tank,,|line 3: the date is \"2027-02-30\"",
        "2027-01-02,,1,Tub,Tank,,|line 3: it is not said which animals",
        "2027-01-02,Frogs,1,,Tank,,|line 3: from and to must both be filled in",
        "2027-01-02,Frogs,1,Tub,Tub,,|line 3: from and to are the same",
        "2027-01-02,Frogs,1,Tub,Tank|line 3: it has 5 cells and the first line 7",
        "2027-01-02,Frogs,1,Tub,into Frogs,,|line 3: Frogs and Frogs",
        "2027-01-02,\"Frogs,1,Tub,Tank,,|line 3: this is no table",
      })
  void what_does_not_add_up_is_refused_with_line_and_reason(String line, String sentence) {
    assertThatThrownBy(() -> read("2027-01-01,Frogs,5,begun,Tub,,\n" + line + "\n"))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining("a.csv, " + sentence);
  }

  @Test
  void words_that_cannot_be_kept_are_refused_with_their_line() {
    String name = "x".repeat(60);
    String place = "y".repeat(150);
    String note = "z".repeat(300);
    String line = "2027-01-01,%s,5,begun,%s,%s,%s\n";
    assertThat(read(line.formatted(name, place, name, note))).hasSize(1);
    assertThatThrownBy(() -> read(line.formatted(name + "x", place, name, note)))
        .hasMessageContaining("line 2: animals has 61 characters; at most 60 are kept");
    assertThatThrownBy(() -> read(line.formatted(name, place + "y", name, note)))
        .hasMessageContaining("line 2: to has 151 characters; at most 150 are kept");
    assertThatThrownBy(() -> read(line.formatted(name, place, name + "x", note)))
        .hasMessageContaining("line 2: cause has 61 characters; at most 60 are kept");
    assertThatThrownBy(() -> read(line.formatted(name, place, name, note + "z")))
        .hasMessageContaining("line 2: note has 301 characters; at most 300 are kept");
    assertThatThrownBy(() -> read("2027-01-01,Frogs,5,begun,Tub,,a\0b\n"))
        .hasMessageContaining("line 2: note has a character in it that cannot be written");
  }

  @Test
  void every_bad_line_is_told_at_once() {
    assertThatThrownBy(() -> read("x,Frogs,5,begun,Tub,,\n2027-01-01,Frogs,five,begun,Tub,,\n"))
        .hasMessageContaining("line 2")
        .hasMessageContaining("line 3");
  }

  @Test
  void the_first_line_must_name_the_columns() {
    assertThatThrownBy(() -> LedgerFile.read("a.csv", "2027-01-01,Frogs,5,begun,Tub,,\n"))
        .hasMessageContaining("line 1: the first line names the columns");
    assertThatThrownBy(() -> LedgerFile.read("a.csv", "date,date,animals,count,from,to\n"))
        .hasMessageContaining("line 1");
    assertThatThrownBy(() -> LedgerFile.read("a.csv", "")).hasMessageContaining("empty");
  }

  @Test
  void a_line_after_one_of_two_rows_keeps_its_own_number() {
    assertThatThrownBy(
            () -> read("2027-01-01,Frogs,5,begun,Tub,,\"two\nrows\"\nbad,Frogs,1,Tub,Tank,,\n"))
        .hasMessageContaining("line 4: the date is \"bad\"");
  }
}
