package app.islet.web.reading.archive;

import java.util.List;
import java.util.Optional;

/**
 * A column of a table in an archive.
 *
 * @param meaning for whoever reads the file without Islet
 * @param file pattern of the name of the file its content stands in, where it is not in the cell
 * @param type as the database calls it
 * @param optional whether it may be empty
 * @param parent the table whose row it names
 * @param words the only ones it may have; empty where any
 */
record Column(
    String name,
    String meaning,
    Optional<String> file,
    String type,
    boolean optional,
    Optional<String> parent,
    List<String> words) {
  Kind kind() {
    return Kind.of(type);
  }

  /** What the database is asked for: the same text everywhere, whatever its settings. */
  String asText() {
    if (file.isPresent()) {
      return "case when %1$s is not null then '' end as %1$s".formatted(name);
    }
    return kind() == Kind.MOMENT
        ? "to_char(%1$s at time zone 'UTC', 'YYYY-MM-DD\"T\"HH24:MI:SS.US\"Z\"') as %1$s"
            .formatted(name)
        : "cast(%1$s as text) as %1$s".formatted(name);
  }

  /** The content for a file of its own. */
  String asContent() {
    return switch (kind()) {
      case BYTES -> name;
      case JSON -> "convert_to(jsonb_pretty(%s), 'UTF8')".formatted(name);
      default -> "convert_to(%s, 'UTF8')".formatted(name);
    };
  }

  /** Where the value goes in a statement that adds a row. */
  String asParameter() {
    return kind() == Kind.BYTES ? "?" : "cast(? as %s)".formatted(type);
  }
}
