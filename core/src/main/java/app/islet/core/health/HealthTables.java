package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The tables of signs, causes and steps: every row says what it is based on. Those of Islet, or
 * with tables of the keeper's own in the place of some. Immutable, and fit together: what a row
 * names is there.
 */
public record HealthTables(
    List<Sign> signs,
    List<Normal> normal,
    List<FactRow> facts,
    List<AidStep> steps,
    List<Cause> causes,
    List<Course> courses,
    List<Arrival> arrivals,
    List<Crossing> crossings,
    List<SkinGuide> skins) {
  private static final int MAX_ROWS = 200;

  /** What is read in the records is the program's; all else a keeper may see otherwise. */
  private static final List<String> NAMES =
      List.of("signs", "normal", "causes", "steps", "courses", "arrivals", "crossings", "skins");

  private static final HealthTables BUNDLED = of(Map.of());

  /** Those that come with Islet. */
  public static HealthTables bundled() {
    return BUNDLED;
  }

  /** Names of the tables of which a keeper may have one of the own. */
  public static List<String> names() {
    return NAMES;
  }

  /**
   * Tables of the keeper's own, by their names, in the place of those of Islet.
   *
   * @throws app.islet.core.text.UnreadableException naming file, line, field and what would be
   *     right
   */
  public static HealthTables of(Map<String, String> own) {
    Reader r = new Reader(own);
    List<Sign> signs = r.rows("signs", Sign::read);
    HealthTables tables =
        new HealthTables(
            signs,
            r.rows("normal", Normal::read),
            r.rows("facts", FactRow::read),
            r.rows("steps", AidStep::read),
            r.rows("causes", f -> Cause.read(f, signs)),
            r.rows("courses", Course::read),
            r.rows("arrivals", Arrival::read),
            r.rows("crossings", Crossing::read),
            r.rows("skins", SkinGuide::read));
    TableCheck.require(tables, own.keySet());
    return tables;
  }

  /** A table of Islet as it is written, YAML with its sources. */
  public static String text(String name) {
    String file = name + ".yaml";
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

  /** Reads each table from its own text where there is one. */
  private record Reader(Map<String, String> own) {
    private <T> List<T> rows(String table, Function<Fields, T> row) {
      String text = own.containsKey(table) ? own.get(table) : text(table);
      return Fields.of(table + ".yaml", Node.yaml(table + ".yaml", text))
          .whole(f -> f.groups(table, MAX_ROWS, row));
    }
  }

  public Optional<Sign> sign(String id) {
    return signs.stream().filter(sign -> sign.id().equals(id)).findFirst();
  }

  /** Signs seen in a group, in the order in which they are asked. */
  public List<Sign> signsOf(AnimalGroup group) {
    return signs.stream().filter(sign -> sign.groups().contains(group)).toList();
  }

  /** Signs an animal of that kind and stage can show, in the order in which they are asked. */
  public List<Sign> signsOf(CareSheet sheet, Stage stage) {
    return signs.stream().filter(sign -> sign.isOf(sheet, stage)).toList();
  }

  AidStep step(String id) {
    return find(steps, step -> step.id().equals(id), "step " + id);
  }

  public Optional<Course> course(String id) {
    return courses.stream().filter(course -> course.id().equals(id)).findFirst();
  }

  public List<Course> coursesOf(AnimalGroup group) {
    return courses.stream().filter(course -> course.groups().contains(group)).toList();
  }

  /** How an animal of a kind is taken in: as what it is, else as its group. */
  public Arrival arrival(CareSheet sheet) {
    return find(
        Stream.concat(
                arrivals.stream().filter(a -> a.lives().isPresent()),
                arrivals.stream().filter(a -> a.lives().isEmpty()))
            .toList(),
        a -> a.isOf(sheet),
        "arrival of " + sheet.group());
  }

  public SkinGuide skin(AnimalGroup group) {
    return find(skins, guide -> guide.group() == group, "skin of " + group);
  }

  /** What may go from animals of one group to any of the others. */
  public List<Crossing> crossings(AnimalGroup from, Collection<AnimalGroup> to) {
    return crossings.stream()
        .filter(c -> c.from().contains(from) && to.stream().anyMatch(c.to()::contains))
        .toList();
  }

  /** Sentences of the steps, by their ids. */
  public Map<String, String> stepWords() {
    return steps.stream().collect(Collectors.toMap(AidStep::id, AidStep::text));
  }

  private static <T> T find(List<T> rows, Predicate<T> asked, String what) {
    return rows.stream()
        .filter(asked)
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no " + what));
  }
}
