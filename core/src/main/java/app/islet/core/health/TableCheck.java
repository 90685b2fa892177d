package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Whether tables fit together, so that no path ends in nothing: what a row names is there, ids are
 * given once, and no step is a dose.
 */
final class TableCheck {
  private static final Pattern DOSE =
      Pattern.compile(
          "\\d+(\\.\\d+)?\\s?(mg|ml|g|µg|drops?|tablets?|cc|ppm)\\b|per kilogram|/kg",
          Pattern.CASE_INSENSITIVE);

  /** Steps the program itself asks for. */
  private static final Set<String> ALWAYS =
      Set.of("compare", "watch", "test-water", "read-climate");

  private final HealthTables tables;
  private final List<Problem> problems = new ArrayList<>();

  private TableCheck(HealthTables tables) {
    this.tables = tables;
  }

  /**
   * @param own names of the tables that are the keeper's
   * @throws UnreadableException if they do not fit
   */
  static void require(HealthTables tables, Collection<String> own) {
    TableCheck check = new TableCheck(tables);
    check.ids();
    check.references();
    check.groups();
    check.doses();
    if (!check.problems.isEmpty()) {
      throw new UnreadableException(String.join(", ", own), check.problems);
    }
  }

  static boolean isDose(String sentence) {
    return DOSE.matcher(sentence).find();
  }

  private void problem(String sentence) {
    problems.add(new Problem("", 1, sentence));
  }

  private void ids() {
    once("sign", tables.signs().stream().map(Sign::id));
    once("step", tables.steps().stream().map(AidStep::id));
    once("cause", tables.causes().stream().map(Cause::id));
    once("course", tables.courses().stream().map(Course::id));
  }

  private void once(String what, Stream<String> ids) {
    Set<String> seen = new HashSet<>();
    ids.filter(id -> !seen.add(id))
        .forEach(
            id -> problem("there are two %ss \"%s\"; each id is given once".formatted(what, id)));
  }

  private void references() {
    Set<String> steps = Set.copyOf(tables.steps().stream().map(AidStep::id).distinct().toList());
    ALWAYS.forEach(id -> step(steps, id, "every answer"));
    tables.signs().forEach(s -> s.first().forEach(id -> step(steps, id, "sign " + s.id())));
    tables.facts().forEach(f -> f.first().forEach(id -> step(steps, id, "the records")));
    tables
        .causes()
        .forEach(c -> c.advice().steps().forEach(id -> step(steps, id, "cause " + c.id())));
    tables.normal().forEach(n -> n.steps().forEach(id -> step(steps, id, "a row of normal")));
    for (Normal row : tables.normal()) {
      Stream.concat(Stream.of(row.sign()), row.with().stream())
          .filter(id -> tables.sign(id).isEmpty())
          .forEach(
              id ->
                  problem(
                      "a row of normal names the sign \"%s\", which is not there".formatted(id)));
    }
  }

  private void step(Set<String> steps, String id, String user) {
    if (!steps.contains(id)) {
      problem("%s asks for the step \"%s\", which is not there".formatted(user, id));
    }
  }

  private void groups() {
    Arrays.stream(AnimalGroup.values())
        .forEach(
            group -> {
              if (tables.arrivals().stream()
                  .noneMatch(a -> a.group() == group && a.lives().isEmpty())) {
                problem("arrivals has no row for " + group.plural());
              }
              if (tables.skins().stream()
                  .noneMatch(s -> s.group() == group || s.rest().isEmpty())) {
                problem("skins has no row for " + group.plural());
              }
              if (tables.signsOf(group).isEmpty()) {
                problem("no sign is of " + group.plural());
              }
            });
    if (tables.course(Course.QUARANTINE).isEmpty()) {
      problem("courses has no \"%s\", which newcomers are put in".formatted(Course.QUARANTINE));
    }
  }

  private void doses() {
    Stream.of(
            tables.steps().stream().map(AidStep::text),
            tables.causes().stream().map(c -> c.advice().vet()),
            tables.courses().stream().flatMap(c -> c.steps().stream()))
        .flatMap(s -> s)
        .filter(TableCheck::isDose)
        .forEach(
            s ->
                problem(
                    "\"%s\" names a dose; what is given, and how much, is the vet's".formatted(s)));
  }
}
