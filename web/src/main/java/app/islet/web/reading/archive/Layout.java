package app.islet.web.reading.archive;

import app.islet.web.people.collection.Belongings;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * What is in an archive: the tables and columns of {@code archive/columns.csv}, with the types and
 * references the database has for them.
 */
final class Layout {
  static final String COLLECTION = "collection";
  static final String PERSON = "person";

  /** Columns a database fills by itself, anew on each. */
  static final Set<String> HIDDEN =
      Set.of("client_id", "collection_id", "version", "task_version", "books_version", "slug");

  private static final String TYPES =
      """
      select table_name, column_name, data_type, is_nullable = 'YES' as optional
      from information_schema.columns where table_schema = 'public' order by ordinal_position""";

  private static final String KEYS =
      """
      select c.conrelid::regclass::text as name, a.attname as field
      from pg_constraint c join pg_attribute a on a.attrelid = c.conrelid and a.attnum = any(c.conkey)
      where c.contype = 'p' order by array_position(c.conkey, a.attnum)""";

  private final Belongings belongings;
  private final List<Table> tables;

  private Layout(Belongings belongings, List<Table> tables) {
    this.belongings = belongings;
    this.tables = tables;
  }

  private record Type(String table, String column, String type, boolean optional) {}

  private record Key(String table, String column) {}

  static Layout of(JdbcTemplate sql, Entities entities) {
    Belongings belongings = Belongings.of(sql);
    List<Type> types =
        sql.query(
            TYPES,
            (row, n) ->
                new Type(row.getString(1), row.getString(2), row.getString(3), row.getBoolean(4)));
    List<Key> keys =
        sql.query(KEYS, (row, n) -> new Key(row.getString("name"), row.getString("field")));
    Map<String, List<CSVRecord>> meanings = meanings();
    List<Table> tables =
        belongings.tables().stream()
            .filter(meanings::containsKey)
            .map(name -> table(name, meanings.get(name), types, keys, belongings, entities))
            .toList();
    return new Layout(belongings, tables);
  }

  private static Table table(
      String name,
      List<CSVRecord> meanings,
      List<Type> types,
      List<Key> keys,
      Belongings belongings,
      Entities entities) {
    Map<String, Type> byColumn = new LinkedHashMap<>();
    types.stream().filter(t -> t.table().equals(name)).forEach(t -> byColumn.put(t.column(), t));
    List<Column> columns =
        meanings.stream()
            .map(
                m ->
                    column(m, Objects.requireNonNull(byColumn.get(m.get(1))), belongings, entities))
            .toList();
    return new Table(
        name,
        columns,
        keys.stream().filter(k -> k.table().equals(name)).map(Key::column).toList(),
        Stream.of("client_id", "collection_id").filter(byColumn::containsKey).toList());
  }

  private static Column column(
      CSVRecord meaning, Type type, Belongings belongings, Entities entities) {
    return new Column(
        type.column(),
        meaning.get(2),
        Optional.of(meaning.get(3)).filter(f -> !f.isEmpty()),
        type.type(),
        type.optional(),
        belongings.parent(type.table(), type.column()),
        entities.of(type.table(), type.column()));
  }

  private static Map<String, List<CSVRecord>> meanings() {
    Map<String, List<CSVRecord>> meanings = new LinkedHashMap<>();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get();
    try (Reader in =
            new InputStreamReader(
                Objects.requireNonNull(Layout.class.getResourceAsStream("/archive/columns.csv")),
                StandardCharsets.UTF_8);
        CSVParser lines = format.parse(in)) {
      for (CSVRecord line : lines) {
        meanings.computeIfAbsent(line.get(0), t -> new ArrayList<>()).add(line);
      }
      return meanings;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** All of them, each behind those its rows name. */
  List<Table> tables() {
    return tables;
  }

  /** Tables whose rows are named by others, or by rows of their own. */
  Set<String> named() {
    Set<String> named = new HashSet<>();
    tables.forEach(t -> t.columns().forEach(c -> c.parent().ifPresent(named::add)));
    return named;
  }

  /** For each table, the condition that a row of it is of this collection. */
  Map<String, String> rowsOf(long collectionId) {
    return belongings.of(collectionId);
  }
}
