package app.islet.core.document;

import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.text.CsvCell;
import app.islet.core.text.PlainText;
import app.islet.core.text.PossibleDays;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Movements of animals as a table (RFC 4180), a line each, in any order of days: {@code
 * date,animals,count,from,to,cause,note}.
 *
 * <p>{@code from} and {@code to} are names of places, or {@code begun}, {@code died}, {@code sold},
 * {@code given}, {@code returned}, {@code escaped}, {@code released}, {@code gone}. Who is singled
 * out of a group has two lines: {@code into} the one name, and {@code out of} the other.
 */
public final class LedgerFile {
  public static final int MAX_LINES = 100_000;

  /** Characters of each; a place may be called by its enclosure and its own name. */
  private static final Map<String, Integer> LONGEST =
      Map.of("animals", 60, "from", 150, "to", 150, "cause", 60, "note", 300);

  private static final List<String> NEEDED = List.of("date", "animals", "count", "from", "to");
  private static final List<String> COLUMNS =
      List.of("date", "animals", "count", "from", "to", "cause", "note");
  private static final int MAX_TOLD = 50;
  private static final String INTO = "into ";
  private static final String OUT_OF = "out of ";
  private static final Pattern WHOLE = Pattern.compile("[+-]?\\d{1,9}");

  private LedgerFile() {}

  /**
   * Movements that add up, in the order of the file.
   *
   * @param name of the file, for what is said of it
   * @throws UnreadableException with line and reason, if any of it cannot be read or have happened
   */
  public static List<Movement> read(String name, String text) {
    return read(name, text, true);
  }

  /**
   * Movements that go on from books there are: whether they add up is for those to say.
   *
   * @throws UnreadableException with line and reason, if any of it cannot be read
   */
  public static List<Movement> readOn(String name, String text) {
    return read(name, text, false);
  }

  private static List<Movement> read(String name, String text, boolean whole) {
    String stripped = text.startsWith("\uFEFF") ? text.substring(1) : text;
    CSVFormat format =
        CSVFormat.RFC4180.builder().setIgnoreEmptyLines(true).setRecordSeparator("\n").get();
    List<Line> lines = new ArrayList<>();
    int line = 1;
    try (CSVParser parser = CSVParser.parse(new StringReader(stripped), format)) {
      for (CSVRecord each : parser) {
        lines.add(new Line(line, each));
        line = (int) parser.getCurrentLineNumber() + 1;
        if (lines.size() > MAX_LINES) {
          throw refused(name, line, "no more than %,d lines are read at once".formatted(MAX_LINES));
        }
      }
    } catch (IOException | UncheckedIOException e) {
      throw refused(name, line, "this is no table as RFC 4180 describes it: " + e.getMessage());
    }
    if (lines.isEmpty()) {
      throw refused(name, 1, "the file is empty; its first line is " + String.join(",", COLUMNS));
    }
    return new Reading(name, columns(name, lines.get(0)))
        .read(lines.subList(1, lines.size()), whole);
  }

  private static UnreadableException refused(String name, int line, String sentence) {
    return new UnreadableException(name, List.of(new Problem("", line, sentence)));
  }

  /** A line of the file, with the number it starts on. */
  private record Line(int number, CSVRecord cells) {}

  private static List<String> columns(String name, Line head) {
    List<String> columns =
        head.cells.stream().map(cell -> cell.strip().toLowerCase(Locale.ROOT)).toList();
    boolean known = COLUMNS.containsAll(columns) && columns.containsAll(NEEDED);
    if (!known || new HashSet<>(columns).size() < columns.size()) {
      throw refused(
          name,
          head.number,
          "the first line names the columns, %s; here it is %s"
              .formatted(String.join(",", COLUMNS), String.join(",", columns)));
    }
    return columns;
  }

  /** One file, as far as it is understood. */
  private static final class Reading {
    private final String name;
    private final List<String> columns;
    private final List<Problem> problems = new ArrayList<>();
    private final Set<String> animals = new HashSet<>();

    Reading(String name, List<String> columns) {
      this.name = name;
      this.columns = columns;
    }

    List<Movement> read(List<Line> lines, boolean whole) {
      for (Line line : lines) {
        if (line.cells.size() == columns.size()) {
          animals.add(cell(line, "animals"));
        }
      }
      List<Movement> all = new ArrayList<>();
      Map<Movement, Integer> from = new IdentityHashMap<>();
      for (Line line : lines) {
        movement(line)
            .ifPresent(
                m -> {
                  all.add(m);
                  from.put(m, line.number);
                });
        if (problems.size() == MAX_TOLD) {
          break;
        }
      }
      if (problems.isEmpty()) {
        try {
          Ledger.of(whole ? all : List.of());
          return List.copyOf(all);
        } catch (UnbalancedException e) {
          problems.add(new Problem("", from.getOrDefault(e.movement(), 1), e.getMessage()));
        }
      }
      throw new UnreadableException(name, problems);
    }

    private String cell(Line line, String column) {
      int at = columns.indexOf(column);
      return at < 0 ? "" : CsvCell.read(line.cells.get(at).strip());
    }

    private Optional<Movement> movement(Line line) {
      if (line.cells.size() != columns.size()) {
        return refuse(
            line,
            "it has %d cells and the first line %d".formatted(line.cells.size(), columns.size()));
      }
      LocalDate day;
      try {
        day = LocalDate.parse(cell(line, "date"));
      } catch (DateTimeParseException e) {
        return refuse(
            line, "the date is \"%s\"; write it as 2027-03-21".formatted(cell(line, "date")));
      }
      if (!PossibleDays.contains(day)) {
        return refuse(line, PossibleDays.sentence(day));
      }
      String count = cell(line, "count");
      if (!WHOLE.matcher(count).matches()) {
        return refuse(
            line,
            "the count is \"%s\"; it must be a whole number from 1 to %,d"
                .formatted(count, Movement.MAX));
      }
      if (cell(line, "from").isEmpty() || cell(line, "to").isEmpty()) {
        return refuse(line, "from and to must both be filled in");
      }
      Optional<String> unkept = unkept(line);
      if (unkept.isPresent()) {
        return refuse(line, unkept.get());
      }
      try {
        return Optional.of(
            new Movement(
                day,
                cell(line, "animals"),
                Integer.parseInt(count),
                place(cell(line, "from"), OUT_OF),
                place(cell(line, "to"), INTO),
                cell(line, "cause"),
                cell(line, "note")));
      } catch (IllegalArgumentException e) {
        return refuse(line, e.getMessage());
      }
    }

    /** What is wrong with the words of a line. */
    private Optional<String> unkept(Line line) {
      for (String column : COLUMNS) {
        String words = cell(line, column);
        int longest = LONGEST.getOrDefault(column, words.length());
        if (words.length() > longest) {
          return Optional.of(
              "%s has %d characters; at most %d are kept"
                  .formatted(column, words.length(), longest));
        }
        if (!PlainText.isPlain(words)) {
          return Optional.of(column + " has a character in it that cannot be written");
        }
      }
      return Optional.empty();
    }

    private Place place(String word, String other) {
      if (word.startsWith(other) && animals.contains(word.substring(other.length()))) {
        return new Place(Place.Kind.OTHER, word.substring(other.length()));
      }
      return Place.reserved(word).orElseGet(() -> Place.kept(word));
    }

    private Optional<Movement> refuse(Line line, String sentence) {
      problems.add(new Problem("", line.number, sentence));
      return Optional.empty();
    }
  }

  /** The same table of movements, in their order. */
  public static String write(List<Movement> movements) {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
      printer.printRecord(COLUMNS);
      for (Movement m : movements) {
        printer.printRecord(
            m.day(),
            CsvCell.written(m.animals()),
            m.count(),
            CsvCell.written(written(m.from(), OUT_OF)),
            CsvCell.written(written(m.to(), INTO)),
            CsvCell.written(m.cause()),
            CsvCell.written(m.note()));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String written(Place place, String other) {
    return place.kind() == Place.Kind.OTHER ? other + place.name() : place.words();
  }
}
