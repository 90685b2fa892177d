package app.islet.core.text;

import java.util.regex.Pattern;

/**
 * Words in a cell of a CSV file. A spreadsheet takes what begins with {@code = + - @} for a formula
 * and runs it: such words get an apostrophe before them, which it does not show, and lose it again
 * when Islet reads the file.
 */
public final class CsvCell {
  private static final Pattern RUN = Pattern.compile("'*[=+\\-@\\t\\r].*", Pattern.DOTALL);
  private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+([.,]\\d+)?");

  private CsvCell() {}

  /** Words as they are written; numbers stay numbers. */
  public static String written(String words) {
    return RUN.matcher(words).matches() && !NUMBER.matcher(words).matches() ? "'" + words : words;
  }

  /** Words as they were before they were written. */
  public static String read(String cell) {
    return cell.startsWith("'") && RUN.matcher(cell.substring(1)).matches()
        ? cell.substring(1)
        : cell;
  }
}
