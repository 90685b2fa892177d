package app.islet.web.reading.archive;

import app.islet.core.text.CsvCell;
import app.islet.core.text.UnreadableException;
import app.islet.web.store.animal.UprightPhoto;
import java.util.HashMap;
import java.util.Map;
import java.util.OptionalLong;
import java.util.UUID;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** What a line of a table becomes in the database: every cell checked, every number found. */
final class Row {
  private final ArchiveFile archive;
  private final Table table;
  private final Map<String, Numbers> numbers;
  private final DayShift shift;
  private final Map<String, UUID> acts = new HashMap<>();

  Row(ArchiveFile archive, Table table, Map<String, Numbers> numbers, DayShift shift) {
    this.shift = shift;
    this.archive = archive;
    this.table = table;
    this.numbers = numbers;
  }

  /** The value of a cell as the database takes it; nothing where it is empty. */
  @Nullable Object value(CSVRecord line, Column column) {
    String cell = line.get(column.name());
    if (cell == null) {
      return nothing(line, column);
    }
    String named = column.name().equals("id") ? table.name() : column.parent().orElse("");
    Kind kind = column.file().isPresent() ? Kind.WORDS : column.kind();
    kind.problem(cell)
        .ifPresent(
            sentence -> {
              throw refused(line, column, sentence);
            });
    if (!named.isEmpty()) {
      return String.valueOf(number(line, column, named, Long.parseLong(cell)));
    }
    if (!column.words().isEmpty() && !column.words().contains(cell)) {
      throw refused(
          line, column, "\"%s\" is none of %s".formatted(cell, String.join(", ", column.words())));
    }
    if (column.file().isPresent()) {
      return content(line, column, cell);
    }
    return switch (column.kind()) {
      case ACT -> acts.computeIfAbsent(cell, c -> UUID.randomUUID()).toString();
      case WORDS, JSON -> shift.shifted(column.kind(), CsvCell.read(cell));
      default -> shift.shifted(column.kind(), cell);
    };
  }

  /** A spreadsheet drops the quotes of empty words. */
  private @Nullable Object nothing(CSVRecord line, Column column) {
    if (column.optional()) {
      return null;
    }
    if (column.kind() == Kind.WORDS && column.file().isEmpty() && column.words().isEmpty()) {
      return "";
    }
    throw refused(line, column, "this cannot be empty");
  }

  private long number(CSVRecord line, Column column, String named, long number) {
    Numbers known = numbers.get(named);
    OptionalLong there = known == null ? OptionalLong.empty() : known.of(number);
    return there.orElseThrow(
        () ->
            refused(
                line,
                column,
                "there is no row %d in %s".formatted(number, named.replace('_', '-'))));
  }

  private Object content(CSVRecord line, Column column, String path) {
    if (!archive.has(path)) {
      throw refused(line, column, "there is no file \"%s\" in this archive".formatted(path));
    }
    if (column.kind() != Kind.BYTES) {
      String text = archive.text(path);
      if (column.kind() == Kind.JSON && Kind.JSON.problem(text).isPresent()) {
        throw ArchiveFile.refused(path, 1, "this is not JSON");
      }
      return shift.shifted(column.kind(), text);
    }
    byte[] picture = archive.bytes(path);
    if (!UprightPhoto.isKept(picture)) {
      throw refused(
          line,
          column,
          "\"%s\" is no picture Islet keeps: JPEG of at most 1600 pixels a side".formatted(path));
    }
    return picture;
  }

  private UnreadableException refused(CSVRecord line, Column column, String sentence) {
    return ArchiveFile.refused(
        table.path(), line.getRecordNumber() + 1, "%s: %s".formatted(column.name(), sentence));
  }
}
