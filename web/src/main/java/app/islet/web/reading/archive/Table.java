package app.islet.web.reading.archive;

import java.util.List;
import java.util.stream.Collectors;

/**
 * A table in an archive.
 *
 * @param key the columns that tell its rows apart, in their order
 * @param hidden columns that only a database needs: an id of whoever sent a row, the collection
 */
record Table(String name, List<Column> columns, List<String> key, List<String> hidden) {
  /** The file it stands in. */
  String path() {
    return "data/" + name.replace('_', '-') + ".csv";
  }

  /** Whether its rows have numbers that others name them by. */
  boolean isNumbered() {
    return key.equals(List.of("id"));
  }

  List<String> names() {
    return columns.stream().map(Column::name).toList();
  }

  List<Column> files() {
    return columns.stream().filter(c -> c.file().isPresent()).toList();
  }

  boolean refersToItself(Column column) {
    return column.parent().filter(name::equals).isPresent();
  }

  String order() {
    return key.stream().collect(Collectors.joining(", "));
  }
}
