package app.islet.core.calculator;

import org.jspecify.annotations.Nullable;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.ServiceLoader;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

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
                find(id).orElseThrow(
                                () ->
                                        new RefusedException(
                                                "",
                                                "there is no calculator \"%s\"; there are: %s"
                                                        .formatted(
                                                                id,
                                                                ALL.stream()
                                                                        .map(Calculator::id)
                                                                        .collect(
                                                                                Collectors.joining(
                                                                                        ", ")))));
        return calculator.compute(values(calculator, given));
    }

    private static Map<String, Double> values(Calculator calculator, Map<String, String> given) {
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
        Map<String, Double> values = new LinkedHashMap<>();
        for (Input input : calculator.inputs()) {
            String text = given.get(input.key());
            values.put(input.key(), text == null ? fallback(input, values) : read(input, text));
        }
        return values;
    }

    private static double fallback(Input input, Map<String, Double> values) {
        if (input.isRequired()) {
            throw new RefusedException(
                    input.key(),
                    "%s is missing; it must be %s".formatted(input.key(), input.rangeWords()));
        }
        Double other = values.get(input.fallbackNote());
        return other == null ? input.fallback().getAsDouble() : other;
    }

    private static double read(Input input, String text) {
        return switch (input.kind()) {
            case NUMBER -> number(input, text);
            case DATE -> date(input, text);
            case FLAG -> flag(input, text);
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

    private static RefusedException refused(Input input, String text, @Nullable Exception cause) {
        RefusedException refused =
                new RefusedException(
                        input.key(),
                        "%s must be %s but was \"%s\""
                                .formatted(input.key(), input.rangeWords(), text));
        if (cause != null) {
            refused.initCause(cause);
        }
        return refused;
    }

    private static double number(Input input, String text) {
        if (!NUMBER.matcher(text).matches()) {
            throw new RefusedException(
                    input.key(),
                    "%s must be a number from %s but was \"%s\""
                            .formatted(input.key(), input.rangeWords(), text));
        }
        double value = Double.parseDouble(text);
        if (!input.accepts(value)) {
            throw new RefusedException(
                    input.key(),
                    "%s must be %s but was %s".formatted(input.key(), input.rangeWords(), text));
        }
        return value;
    }
}
