package app.islet.core.calculator;

import app.islet.core.care.GrowthFit;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * All calculators, and the one way to run them: text in, checked against the definition, numbers
 * out.
 */
public final class Calculators {
  private static final List<Calculator> ALL =
      ServiceLoader.load(Calculator.class, Calculators.class.getClassLoader()).stream()
          .map(ServiceLoader.Provider::get)
          .sorted(Comparator.comparing(Calculator::id))
          .toList();
  private static final int MAX_POINTS = 1000;
  private static final int LONGEST_QUOTED = 60;
  private static final Pattern NUMBER =
      Pattern.compile("[+-]?(\\d+(\\.\\d*)?|\\.\\d+)([eE][+-]?\\d{1,3})?");

  private Calculators() {}

  public static List<Calculator> all() {
    return ALL;
  }

  public static Optional<Calculator> find(String id) {
    return ALL.stream().filter(c -> c.id().equals(id)).findFirst();
  }

  /**
   * @throws RefusedException if there is no such calculator or {@code given} does not fit it
   */
  public static Map<String, Double> run(String id, Map<String, String> given) {
    Calculator calculator =
        find(id)
            .orElseThrow(
                () ->
                    new RefusedException(
                        "",
                        "there is no calculator \"%s\"; there are: %s"
                            .formatted(
                                id,
                                ALL.stream()
                                    .map(Calculator::id)
                                    .collect(Collectors.joining(", ")))));
    return calculator.compute(values(calculator, given));
  }

  private static Values values(Calculator calculator, Map<String, String> given) {
    for (String key : given.keySet()) {
      if (calculator.inputs().stream().noneMatch(i -> i.key().equals(key))) {
        throw new RefusedException(
            key,
            "%s is not an input of %s; its inputs are: %s"
                .formatted(
                    key,
                    calculator.id(),
                    calculator.inputs().stream()
                        .map(Input::key)
                        .collect(Collectors.joining(", "))));
      }
    }
    Map<String, Double> numbers = new LinkedHashMap<>();
    Map<String, List<GrowthFit.Point>> points = new LinkedHashMap<>();
    for (Input input : calculator.inputs()) {
      String text = given.get(input.key());
      if (text != null && input.kind() == Input.Kind.POINTS) {
        points.put(input.key(), points(input, text));
      } else {
        numbers.put(input.key(), text == null ? fallback(input, numbers) : read(input, text));
      }
    }
    return new Values(numbers, points);
  }

  private static double fallback(Input input, Map<String, Double> values) {
    if (input.isRequired()) {
      throw new RefusedException(
          input.key(), "%s is missing; it must be %s".formatted(input.key(), input.rangeWords()));
    }
    Double other = values.get(input.fallbackNote());
    return other == null ? input.fallback().getAsDouble() : other;
  }

  private static double read(Input input, String text) {
    return switch (input.kind()) {
      case NUMBER, WHOLE -> number(input, text);
      case DATE -> date(input, text);
      case FLAG -> flag(input, text);
      case POINTS -> throw new IllegalArgumentException(input.key() + " is no number");
    };
  }

  private static double date(Input input, String text) {
    try {
      double day = LocalDate.parse(text).toEpochDay();
      if (input.accepts(day)) {
        return day;
      }
    } catch (DateTimeParseException e) {
      throw refused(input, text, e);
    }
    throw refused(input, text, null);
  }

  private static double flag(Input input, String text) {
    return switch (text) {
      case "true" -> 1;
      case "false" -> 0;
      default -> throw refused(input, text, null);
    };
  }

  private static List<GrowthFit.Point> points(Input input, String text) {
    List<GrowthFit.Point> points = new ArrayList<>();
    for (String pair : text.split(",", -1)) {
      String[] parts = pair.strip().split(":", -1);
      if (parts.length != 2 || points.size() == MAX_POINTS) {
        throw refused(input, shortened(text), null);
      }
      points.add(
          new GrowthFit.Point(number(input, parts[0].strip()), number(input, parts[1].strip())));
    }
    return points;
  }

  private static String shortened(String text) {
    return text.length() <= LONGEST_QUOTED ? text : text.substring(0, LONGEST_QUOTED) + "...";
  }

  private static RefusedException refused(Input input, String text, @Nullable Exception cause) {
    RefusedException refused =
        new RefusedException(
            input.key(),
            "%s must be %s but was \"%s\"".formatted(input.key(), input.rangeWords(), text));
    if (cause != null) {
      refused.initCause(cause);
    }
    return refused;
  }

  private static double number(Input input, String text) {
    if (!NUMBER.matcher(text).matches()) {
      throw new RefusedException(
          input.key(),
          "%s must be %s%s but was \"%s\""
              .formatted(
                  input.key(),
                  input.kind() == Input.Kind.WHOLE ? "" : "a number from ",
                  input.rangeWords(),
                  text));
    }
    double value = Double.parseDouble(text);
    if (!input.accepts(value)) {
      throw new RefusedException(
          input.key(), "%s must be %s but was %s".formatted(input.key(), input.rangeWords(), text));
    }
    return value;
  }
}
