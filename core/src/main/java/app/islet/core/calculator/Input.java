package app.islet.core.calculator;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.UnitSystem;

import java.util.OptionalDouble;

/**
 * One number a calculator takes.
 *
 * @param key as typed in the shell, with its unit
 * @param aboveMin whether {@code min} itself is refused
 * @param fallback value taken when it is not given; absent where it must be given
 * @param fallbackNote what the fallback is, where it is another input
 */
public record Input(
        String key,
        String label,
        Dimension dimension,
        double min,
        double max,
        boolean aboveMin,
        OptionalDouble fallback,
        String fallbackNote) {
    public static Input required(
            String key, String label, Dimension dimension, double min, double max) {
        return new Input(key, label, dimension, min, max, false, OptionalDouble.empty(), "");
    }

    /** A length above 0 to 2000 cm. */
    public static Input length(String key, String label) {
        return new Input(key, label, Dimension.LENGTH, 0, 2000, true, OptionalDouble.empty(), "");
    }

    public static Input optional(
            String key,
            String label,
            Dimension dimension,
            double min,
            double max,
            double fallback) {
        return new Input(key, label, dimension, min, max, false, OptionalDouble.of(fallback), "");
    }

    /** An input that may be left out and is then taken from another. */
    public Input orElse(String otherKey) {
        return new Input(
                key, label, dimension, min, max, aboveMin, OptionalDouble.of(Double.NaN), otherKey);
    }

    public boolean isRequired() {
        return fallback.isEmpty();
    }

    boolean accepts(double value) {
        return (aboveMin ? value > min : value >= min) && value <= max;
    }

    /** As in {@code above 0 to 2000 cm}. */
    public String rangeWords() {
        String unit = dimension.unit(UnitSystem.METRIC);
        return (aboveMin ? "above " : "")
                + plain(min)
                + " to "
                + plain(max)
                + (unit.isEmpty() ? "" : " " + unit);
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }
}
