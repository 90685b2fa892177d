package app.islet.web.reading.archive;

import app.islet.core.text.CsvCell;
import app.islet.web.people.collection.CollectionContext;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes a collection as one open archive: a ZIP file with a table for each kind of record (CSV),
 * designs, care sheets and photos as files of their own, and what all of it means.
 *
 * <p>Rows are numbered from 1 in the order they came, whatever numbers the database has for them:
 * two archives of the same records are the same. Accounts, passwords, memberships and links are no
 * part of it.
 */
@Service
public class TakeOut {
  /** A database sends so many rows at a time, so that a log of decades is never in memory whole. */
  private static final int AT_A_TIME = 500;

  private final JdbcTemplate sql;
  private final Entities entities;
  private final Clock clock;

  TakeOut(DataSource data, Entities entities, Clock clock) {
    this.sql = new JdbcTemplate(data);
    this.sql.setFetchSize(AT_A_TIME);
    this.entities = entities;
    this.clock = clock;
  }

  /** All of it of one moment, however much is written meanwhile. */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public void write(CollectionContext context, Path file) {
    Layout layout = Layout.of(sql, entities);
    Map<String, String> rows = layout.rowsOf(context.collectionId());
    Map<String, Numbers> numbers = numbers(layout, rows);
    try (OutputStream out = Files.newOutputStream(file);
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
      text(zip, Descriptor.PATH, Descriptor.json(layout, context.collection().name()));
      text(zip, Readme.PATH, Readme.of(layout, context, clock.instant()));
      people(zip, numbers.get(Layout.PERSON));
      for (Table table : layout.tables()) {
        table(zip, table, rows.get(table.name()), numbers);
        for (Column column : table.files()) {
          files(zip, table, column, rows.get(table.name()), numbers);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** For each table whose rows are named, their numbers in the archive. */
  private Map<String, Numbers> numbers(Layout layout, Map<String, String> rows) {
    Map<String, Numbers> numbers = new HashMap<>();
    Set<Long> people = new TreeSet<>();
    for (Table table : layout.tables()) {
      String condition = rows.get(table.name());
      if (table.isNumbered()) {
        numbers.put(
            table.name(),
            Numbers.counted(
                sql
                    .queryForList(
                        "select id from %s where %s order by id".formatted(table.name(), condition),
                        Long.class)
                    .stream()
                    .mapToLong(Long::longValue)
                    .toArray()));
      }
      for (Column column : table.columns()) {
        if (column.parent().filter(Layout.PERSON::equals).isPresent()) {
          people.addAll(
              sql.queryForList(
                  "select distinct %1$s from %2$s where (%3$s) and %1$s is not null"
                      .formatted(column.name(), table.name(), condition),
                  Long.class));
        }
      }
    }
    numbers.put(
        Layout.PERSON, Numbers.counted(people.stream().mapToLong(Long::longValue).toArray()));
    return numbers;
  }

  /** Their names alone. */
  private void people(ZipOutputStream zip, Numbers people) throws IOException {
    CSVPrinter csv = begin(zip, Descriptor.PEOPLE, List.of("id", "name"));
    for (int i = 0; i < people.here().length; i++) {
      String name =
          sql.queryForObject(
              "select name from person where id = ?", String.class, people.here()[i]);
      csv.printRecord(people.there()[i], CsvCell.written(Objects.requireNonNull(name)));
    }
    csv.flush();
    zip.closeEntry();
  }

  private void table(
      ZipOutputStream zip, Table table, String condition, Map<String, Numbers> numbers)
      throws IOException {
    CSVPrinter csv = begin(zip, table.path(), table.names());
    Map<String, Long> acts = new HashMap<>();
    sql.query(
        select(table, table.columns().stream().map(Column::asText).toList(), condition),
        row -> {
          try {
            csv.printRecord(cells(table, row, numbers, acts).values());
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
        });
    csv.flush();
    zip.closeEntry();
  }

  /** A row as it stands in its file. */
  private static Map<String, @Nullable String> cells(
      Table table, ResultSet row, Map<String, Numbers> numbers, Map<String, Long> acts)
      throws SQLException {
    Map<String, @Nullable String> cells = new LinkedHashMap<>();
    for (Column column : table.columns()) {
      String value = row.getString(column.name());
      cells.put(column.name(), value == null ? null : cell(table, column, value, numbers, acts));
    }
    for (Column column : table.files()) {
      if (cells.get(column.name()) != null) {
        cells.put(column.name(), path(column, cells));
      }
    }
    return cells;
  }

  private static String cell(
      Table table,
      Column column,
      String value,
      Map<String, Numbers> numbers,
      Map<String, Long> acts) {
    String named = column.name().equals("id") ? table.name() : column.parent().orElse("");
    if (!named.isEmpty()) {
      return String.valueOf(numbers.get(named).of(Long.parseLong(value)).orElseThrow());
    }
    return switch (column.kind()) {
      case ACT -> String.valueOf(acts.computeIfAbsent(value, v -> acts.size() + 1L));
      case WORDS, JSON -> CsvCell.written(value);
      default -> value;
    };
  }

  /** The name of a file, made of the row it belongs to. */
  private static String path(Column column, Map<String, @Nullable String> cells) {
    String path = column.file().orElseThrow();
    for (Map.Entry<String, @Nullable String> cell : cells.entrySet()) {
      path =
          path.replace(
              "{" + cell.getKey() + "}",
              String.valueOf(cell.getValue()).replaceAll("[^A-Za-z0-9-]", "-"));
    }
    return path;
  }

  private void files(
      ZipOutputStream zip,
      Table table,
      Column column,
      String condition,
      Map<String, Numbers> numbers) {
    List<String> asked = new ArrayList<>(table.columns().stream().map(Column::asText).toList());
    asked.add(column.asContent() + " as content");
    sql.query(
        select(table, asked, "(%s) and %s is not null".formatted(condition, column.name())),
        row -> {
          try {
            Map<String, @Nullable String> cells = cells(table, row, numbers, new HashMap<>());
            zip.putNextEntry(new ZipEntry(Objects.requireNonNull(cells.get(column.name()))));
            zip.write(row.getBytes("content"));
            zip.closeEntry();
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
        });
  }

  private static String select(Table table, List<String> asked, String condition) {
    return "select %s from %s where %s order by %s"
        .formatted(String.join(", ", asked), table.name(), condition, qualified(table));
  }

  /** By the columns themselves, not by their texts. */
  private static String qualified(Table table) {
    return String.join(", ", table.key().stream().map(k -> table.name() + "." + k).toList());
  }

  private static CSVPrinter begin(ZipOutputStream zip, String path, List<String> head)
      throws IOException {
    zip.putNextEntry(new ZipEntry(path));
    Writer writer = new OutputStreamWriter(zip, StandardCharsets.UTF_8);
    CSVFormat format = Cells.FORMAT.builder().setHeader(head.toArray(String[]::new)).get();
    return new CSVPrinter(writer, format);
  }

  private static void text(ZipOutputStream zip, String path, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(path));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }
}
