package app.islet.core.calculator;

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
            values.put(input.key(), text == null ? fallback(input, values) : number(input, text));
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
