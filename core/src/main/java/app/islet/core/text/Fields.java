package app.islet.core.text;

import app.islet.core.quantity.Limit;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Takes the fields of one object, one by one, and collects what is wrong instead of stopping at the
 * first.
 *
 * <p>A refused field is reported and answered with a harmless value of its type; the caller must
 * look at {@link #refuseIfProblems} before it uses anything. Fields nobody asked for are problems
 * too: call {@link #done}.
 */
public final class Fields {
  private final String name;
  private final List<Problem> problems;
  private final String path;
  private final int line;
  private final Map<String, Node> fields;
  private final Set<String> asked = new HashSet<>();

  private Fields(
      String name, List<Problem> problems, String path, int line, Map<String, Node> fields) {
    this.name = name;
    this.problems = problems;
    this.path = path;
    this.line = line;
    this.fields = fields;
  }

  /** The fields of a whole text called {@code name} in messages. */
  public static Fields of(String name, Node root) {
    List<Problem> problems = new ArrayList<>();
    return of(name, problems, "", root);
  }

  @SuppressWarnings("unchecked")
  private static Fields of(String name, List<Problem> problems, String path, Node node) {
    if (node.value() instanceof Map<?, ?> map) {
      return new Fields(name, problems, path, node.line(), (Map<String, Node>) map);
    }
    problems.add(new Problem(path, node.line(), "this must be a group of fields"));
    Fields empty = new Fields(name, problems, path, node.line(), Map.of());
    return empty;
  }

  public boolean has(String field) {
    Node node = fields.get(field);
    if (node != null && node.value() == null) {
      asked.add(field);
    }
    return node != null && node.value() != null;
  }

  /** Reports a problem of the object as a whole; the next one, of one of its fields. */
  public void problem(String sentence) {
    problems.add(new Problem(path, line, sentence));
  }

  public void problem(String field, String sentence) {
    Node node = fields.get(field);
    problems.add(new Problem(path + "/" + field, node == null ? line : node.line(), sentence));
  }

  private Optional<Node> take(String field, boolean required, String what) {
    asked.add(field);
    Node node = fields.get(field);
    if (node == null || node.value() == null) {
      if (required) {
        problem(field, "this is missing: " + what);
      }
      return Optional.empty();
    }
    return Optional.of(node);
  }

  public double number(String field, double min, double max, String unit) {
    return optionalNumber(field, min, max, unit, true).orElse(min);
  }

  public double number(String field, Limit limit) {
    return number(field, limit.min(), limit.max(), limit.unit());
  }

  public OptionalDouble optionalNumber(String field, Limit limit) {
    return optionalNumber(field, limit.min(), limit.max(), limit.unit());
  }

  public OptionalDouble optionalNumber(String field, double min, double max, String unit) {
    return optionalNumber(field, min, max, unit, false);
  }

  private OptionalDouble optionalNumber(
      String field, double min, double max, String unit, boolean required) {
    String what = "a number from " + FieldWords.span(min, max, unit);
    Optional<Node> node = take(field, required, what);
    if (node.isPresent()
        && node.get().value() instanceof Double number
        && number >= min
        && number <= max) {
      return OptionalDouble.of(number);
    }
    node.ifPresent(n -> problem(field, "%s is not %s".formatted(FieldWords.shown(n), what)));
    return OptionalDouble.empty();
  }

  public int whole(String field, int min, int max, String unit) {
    double number = number(field, min, max, unit);
    if (number != Math.rint(number)) {
      problem(field, FieldWords.plain(number) + " is not a whole number");
    }
    return (int) number;
  }

  public int whole(String field, int min, int max, String unit, int fallback) {
    return has(field) ? whole(field, min, max, unit) : fallback;
  }

  /** A pair {@code [least, most]}. */
  public Range range(String field, double min, double max, String unit) {
    return optionalRange(field, min, max, unit, true).orElse(new Range(min, max));
  }

  public Optional<Range> optionalRange(String field, double min, double max, String unit) {
    return optionalRange(field, min, max, unit, false);
  }

  private Optional<Range> optionalRange(
      String field, double min, double max, String unit, boolean required) {
    String what = "a pair [least, most] within " + FieldWords.span(min, max, unit);
    Optional<Node> node = take(field, required, what);
    if (node.isEmpty()) {
      return Optional.empty();
    }
    if (node.get().value() instanceof List<?> list
        && list.size() == 2
        && ((Node) list.get(0)).value() instanceof Double low
        && ((Node) list.get(1)).value() instanceof Double high
        && low >= min
        && high <= max
        && low <= high) {
      return Optional.of(new Range(low, high));
    }
    problem(field, "%s is not %s".formatted(FieldWords.shown(node.get()), what));
    return Optional.empty();
  }

  /** A text that is not blank and at most {@code maxLength} characters long. */
  public String text(String field, int maxLength) {
    return optionalText(field, maxLength, true).orElse("");
  }

  public Optional<String> optionalText(String field, int maxLength) {
    return optionalText(field, maxLength, false);
  }

  private Optional<String> optionalText(String field, int maxLength, boolean required) {
    String what = "a text of 1 to %d characters".formatted(maxLength);
    Optional<Node> node = take(field, required, what);
    if (node.isEmpty()) {
      return Optional.empty();
    }
    if (node.get().value() instanceof String text
        && !text.isBlank()
        && text.length() <= maxLength) {
      if (!PlainText.isPlain(text)) {
        problem(field, "this has a character in it that cannot be written");
        return Optional.empty();
      }
      return Optional.of(text.strip());
    }
    problem(field, "%s is not %s".formatted(FieldWords.shown(node.get()), what));
    return Optional.empty();
  }

  public boolean flag(String field, boolean fallback) {
    return optionalFlag(field).orElse(fallback);
  }

  public Optional<Boolean> optionalFlag(String field) {
    Optional<Node> node = take(field, false, "");
    if (node.isPresent() && !(node.get().value() instanceof Boolean)) {
      problem(field, "%s is not true or false".formatted(FieldWords.shown(node.get())));
    }
    return node.map(Node::value).filter(Boolean.class::isInstance).map(Boolean.class::cast);
  }

  /** One of the names of an enum, written in lower case with hyphens. */
  public <E extends Enum<E>> E choice(String field, Class<E> type) {
    return optionalChoice(field, type, true).orElse(type.getEnumConstants()[0]);
  }

  public <E extends Enum<E>> Optional<E> optionalChoice(String field, Class<E> type) {
    return optionalChoice(field, type, false);
  }

  private <E extends Enum<E>> Optional<E> optionalChoice(
      String field, Class<E> type, boolean required) {
    String what =
        "one of "
            + Arrays.stream(type.getEnumConstants())
                .map(Fields::written)
                .collect(Collectors.joining(", "));
    Optional<Node> node = take(field, required, what);
    if (node.isEmpty()) {
      return Optional.empty();
    }
    Optional<E> constant = constant(type, node.get());
    if (constant.isEmpty()) {
      problem(field, "%s is not %s".formatted(FieldWords.shown(node.get()), what));
    }
    return constant;
  }

  /** A list of names of an enum; empty when the field is not there. */
  public <E extends Enum<E>> List<E> choices(String field, Class<E> type) {
    List<E> found = new ArrayList<>();
    for (Node item : items(field)) {
      constant(type, item)
          .ifPresentOrElse(
              found::add,
              () ->
                  problem(
                      field,
                      "%s is not one of %s"
                          .formatted(
                              FieldWords.shown(item),
                              Arrays.stream(type.getEnumConstants())
                                  .map(Fields::written)
                                  .collect(Collectors.joining(", ")))));
    }
    return found;
  }

  private static <E extends Enum<E>> Optional<E> constant(Class<E> type, Node node) {
    return Arrays.stream(type.getEnumConstants())
        .filter(e -> written(e).equals(node.value()))
        .findFirst();
  }

  /** How an enum constant is written in a document. */
  public static String written(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  public Optional<LocalDate> optionalDate(String field) {
    Optional<String> text = optionalText(field, 10);
    try {
      Optional<LocalDate> day = text.map(LocalDate::parse);
      day.filter(d -> !PossibleDays.contains(d))
          .ifPresent(d -> problem(field, PossibleDays.sentence(d)));
      return day.filter(PossibleDays::contains);
    } catch (DateTimeParseException e) {
      problem(field, "\"%s\" is not a date such as 2026-03-01".formatted(text.orElse("")));
      return Optional.empty();
    }
  }

  /** A list of texts; empty when the field is not there. */
  public List<String> texts(String field, int maxLength) {
    List<String> found = new ArrayList<>();
    for (Node item : items(field)) {
      if (item.value() instanceof String text
          && !text.isBlank()
          && text.length() <= maxLength
          && PlainText.isPlain(text)) {
        found.add(text.strip());
      } else {
        problem(
            field,
            "%s is not a text of 1 to %d characters".formatted(FieldWords.shown(item), maxLength));
      }
    }
    return found;
  }

  public <T> @Nullable T group(String field, Function<Fields, T> reader) {
    return take(field, true, "a group of fields")
        .map(node -> read(field, node, reader))
        .orElse(null);
  }

  public <T> Optional<T> optionalGroup(String field, Function<Fields, T> reader) {
    return take(field, false, "").map(node -> read(field, node, reader));
  }

  /** A list of groups; empty when the field is not there. */
  public <T> List<T> groups(String field, int atMost, Function<Fields, T> reader) {
    List<Node> items = items(field);
    if (items.size() > atMost) {
      problem(field, "%d entries; at most %d are read".formatted(items.size(), atMost));
      return List.of();
    }
    List<T> found = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      found.add(read(field + "/" + i, items.get(i), reader));
    }
    return found;
  }

  private <T> T read(String field, Node node, Function<Fields, T> reader) {
    Fields inner = of(name, problems, path + "/" + field, node);
    int before = problems.size();
    try {
      T value = reader.apply(inner);
      inner.done();
      return value;
    } catch (IllegalArgumentException e) {
      if (problems.size() > before) {
        throw new Broken();
      }
      inner.problem(e.getMessage());
      throw new Broken();
    }
  }

  @SuppressWarnings("unchecked")
  private List<Node> items(String field) {
    Optional<Node> node = take(field, false, "");
    if (node.isPresent() && !(node.get().value() instanceof List)) {
      problem(field, "%s is not a list".formatted(FieldWords.shown(node.get())));
      return List.of();
    }
    return node.map(n -> (List<Node>) n.value()).orElse(List.of());
  }

  /** Reports every field that nobody asked for. */
  public void done() {
    Map<String, Node> unknown = new LinkedHashMap<>(fields);
    unknown.keySet().removeAll(asked);
    unknown
        .keySet()
        .forEach(
            field ->
                problem(
                    field,
                    "there is no such field; known here: "
                        + asked.stream().sorted().collect(Collectors.joining(", "))));
  }

  /**
   * Reads the whole text: runs {@code reader} over the root and refuses if anything was wrong.
   *
   * @throws UnreadableException with every problem found
   */
  public <T> T whole(Function<Fields, T> reader) {
    T value = null;
    try {
      value = reader.apply(this);
      done();
    } catch (Broken e) {
      // The problems are written down already; the fields behind the broken group were never
      // asked for.
    } catch (IllegalArgumentException e) {
      if (problems.isEmpty()) {
        problem(e.getMessage());
      }
    }
    refuseIfProblems();
    if (value == null) {
      throw new IllegalStateException("a reader answered nothing and named no problem");
    }
    return value;
  }

  public void refuseIfProblems() {
    if (!problems.isEmpty()) {
      throw new UnreadableException(name, problems);
    }
  }

  /** Ends the reading of this group where something was wrong: it cannot be put together. */
  public void stopIfProblems() {
    if (!problems.isEmpty()) {
      throw new Broken();
    }
  }

  /** Ends the reading of a group that cannot be built because of problems already written down. */
  private static final class Broken extends IllegalArgumentException {
    Broken() {
      super("a group could not be read");
    }
  }
}
