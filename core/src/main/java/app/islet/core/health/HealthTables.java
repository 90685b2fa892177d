package app.islet.core.health;

import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * The tables of signs, causes and steps that come with the application: every row says what it is
 * based on.
 */
public final class HealthTables {
  private static final int MOST_ROWS = 200;

  static final List<Sign> SIGNS = read("signs", Sign::read);
  static final List<Normal> NORMAL = read("normal", Normal::read);
  static final List<FactRow> FACTS = read("facts", FactRow::read);
  static final List<AidStep> STEPS = read("steps", AidStep::read);
  // After the signs, whose ids are its fields.
  static final List<Cause> CAUSES = read("causes", Cause::read);

  static final List<Course> COURSES = read("courses", Course::read);

  static final List<Arrival> ARRIVALS = read("arrivals", Arrival::read);

  static final List<Crossing> CROSSINGS = read("crossings", Crossing::read);

  static final List<SkinGuide> SKINS = read("skins", SkinGuide::read);

  private static final List<String> NAMES =
      List.of(
          "signs",
          "normal",
          "facts",
          "causes",
          "steps",
          "courses",
          "arrivals",
          "crossings",
          "skins");

  private HealthTables() {}

  /** Names of all tables. */
  public static List<String> names() {
    return NAMES;
  }

  /** A table as it is written, YAML with its sources; empty where there is none of that name. */
  public static Optional<String> text(String name) {
    return NAMES.contains(name) ? Optional.of(content(name + ".yaml")) : Optional.empty();
  }

  private static <T> List<T> read(String table, Function<Fields, T> row) {
    String file = table + ".yaml";
    return parse(file, content(file), table, row);
  }

  private static String content(String file) {
    try (InputStream in =
        HealthTables.class.getResourceAsStream("/app/islet/core/health/" + file)) {
      if (in == null) {
        throw new IllegalStateException(file + " is missing from the application");
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
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
