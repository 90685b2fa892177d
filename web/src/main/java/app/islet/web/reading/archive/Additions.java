package app.islet.web.reading.archive;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;

/** Rows on their way into a table, some at a time. What a row says of a later one is added last. */
final class Additions {
  private final JdbcTemplate sql;
  private final Table table;
  private final long collectionId;
  private final int atATime;
  private final List<@Nullable Object[]> waiting = new ArrayList<>();
  private final Map<Column, List<Object[]>> ofThemselves = new LinkedHashMap<>();
  private String statement = "";
  private long first = 2;
  private long last = 1;

  Additions(JdbcTemplate sql, Table table, long collectionId, int atATime) {
    this.sql = sql;
    this.table = table;
    this.collectionId = collectionId;
    this.atATime = atATime;
  }

  void add(long line, Map<Column, @Nullable Object> values) {
    if (statement.isEmpty()) {
      statement =
          statement(values.keySet().stream().filter(c -> !table.refersToItself(c)).toList());
    }
    List<@Nullable Object> row = new ArrayList<>();
    values.forEach(
        (column, value) -> {
          if (!table.refersToItself(column)) {
            row.add(value);
          } else if (value != null) {
            ofThemselves
                .computeIfAbsent(column, c -> new ArrayList<>())
                .add(new Object[] {value, idOf(values)});
          }
        });
    waiting.add(row.toArray());
    last = line;
    if (waiting.size() == atATime) {
      send();
    }
  }

  private static Object idOf(Map<Column, @Nullable Object> values) {
    return values.entrySet().stream()
        .filter(e -> e.getKey().name().equals("id"))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElseThrow();
  }

  void finish() {
    send();
    ofThemselves.forEach(
        (column, pairs) ->
            refusing(
                2,
                last,
                () ->
                    sql.batchUpdate(
                        "update %s set %s = cast(? as bigint) where id = cast(? as bigint)"
                            .formatted(table.name(), column.name()),
                        pairs)));
  }

  private void send() {
    if (!waiting.isEmpty()) {
      refusing(first, last, () -> sql.batchUpdate(statement, waiting));
    }
    waiting.clear();
    first = last + 1;
  }

  /** The database knows rules of its own; it does not say which line broke them. */
  private void refusing(long from, long to, Runnable act) {
    try {
      act.run();
    } catch (DataIntegrityViolationException e) {
      String why = String.valueOf(e.getMostSpecificCause().getMessage());
      throw ArchiveFile.refused(
          table.path(),
          from,
          "this or one of the lines to %d cannot be kept: %s"
              .formatted(to, why.lines().findFirst().orElse("").replaceFirst("^ERROR: ", "")));
    }
  }

  private String statement(List<Column> columns) {
    return "insert into %s (%s) overriding system value values (%s)"
        .formatted(
            table.name(),
            Stream.concat(columns.stream().map(Column::name), table.hidden().stream())
                .collect(Collectors.joining(", ")),
            Stream.concat(
                    columns.stream().map(Column::asParameter),
                    table.hidden().stream().map(this::hidden))
                .collect(Collectors.joining(", ")));
  }

  private String hidden(String column) {
    return column.equals("client_id") ? "gen_random_uuid()" : String.valueOf(collectionId);
  }
}
