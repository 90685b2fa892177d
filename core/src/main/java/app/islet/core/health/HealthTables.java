package app.islet.core.health;

import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;

/** The tables of signs, causes and steps that come with the application. */
final class HealthTables {
  private static final int MOST_ROWS = 200;

  static final List<Sign> SIGNS = read("signs", Sign::read);
  static final List<Normal> NORMAL = read("normal", Normal::read);
  static final List<FactRow> FACTS = read("facts", FactRow::read);
  static final List<AidStep> STEPS = read("steps", AidStep::read);
  // After the signs, whose ids are its fields.
  static final List<Cause> CAUSES = read("causes", Cause::read);

  static final List<Course> COURSES = read("courses", Course::read);

  static final List<Arrival> ARRIVALS = read("arrivals", Arrival::read);

  private HealthTables() {}

  private static <T> List<T> read(String table, Function<Fields, T> row) {
    String file = table + ".yaml";
    try (InputStream in =
        HealthTables.class.getResourceAsStream("/app/islet/core/health/" + file)) {
      if (in == null) {
        throw new IllegalStateException(file + " is missing from the application");
      }
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return parse(file, text, table, row);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * @throws app.islet.core.text.UnreadableException naming file, line, field and what would be
   *     right
   */
  static <T> List<T> parse(String file, String text, String table, Function<Fields, T> row) {
    return Fields.of(file, Node.yaml(file, text)).whole(f -> f.groups(table, MOST_ROWS, row));
  }
}
