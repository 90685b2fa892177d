package app.islet.web.base.backup;

import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a backup says of itself.
 *
 * @param format of the file
 * @param schema version of the database's tables
 * @param made the moment its data is of, ISO 8601
 * @param rows of each table at that moment
 * @param sha256 of the data, in hexadecimal
 */
public record Manifest(int format, int schema, String made, Map<String, Long> rows, String sha256) {
  static final int FORMAT = 1;

  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  public Manifest {
    rows = new TreeMap<>(rows);
  }

  String json() {
    return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(this) + "\n";
  }

  /**
   * @throws BackupException if it is none this Islet reads
   */
  static Manifest read(String json) {
    try {
      Manifest manifest = MAPPER.readValue(json, Manifest.class);
      if (manifest.format != FORMAT) {
        throw new BackupException(
            "This backup has format %d; this Islet reads format %d. Use the Islet that wrote it, or a newer one."
                .formatted(manifest.format, FORMAT));
      }
      return manifest;
    } catch (JacksonException e) {
      throw new BackupException("The manifest of this backup cannot be read.", e);
    }
  }

  /** All rows of all tables. */
  public long all() {
    return rows.values().stream().mapToLong(Long::longValue).sum();
  }

  SortedMap<String, Long> sorted() {
    return new TreeMap<>(rows);
  }
}
