package app.islet.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CsvCellTest {
  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '"',
      value = {
        "=1+1, '=1+1",
        "@sum, '@sum",
        "+cmd|x, '+cmd|x",
        "-2+3, '-2+3",
        "'=1, ''=1",
        "-2, -2",
        "+4.5, +4.5",
        "'quoted, 'quoted",
        "Slate tank, Slate tank"
      })
  void what_a_spreadsheet_would_run_is_words_again(String words, String cell) {
    assertThat(CsvCell.written(words)).isEqualTo(cell);
    assertThat(CsvCell.read(cell)).isEqualTo(words);
  }

  @ParameterizedTest
  @ValueSource(strings = {"\t=1", "\r=1", "=HYPERLINK(\"x\")", "''=1", "'", "", "="})
  void written_and_read_nothing_is_lost(String words) {
    assertThat(CsvCell.read(CsvCell.written(words))).isEqualTo(words);
  }
}
