package app.islet.core.quantity;

import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A number as somebody types it: bare, in the units they chose, or with its own unit behind it, as
 * {@code 68F}, {@code 48 in} or {@code 5 gal}. A decimal comma is understood.
 */
public final class TypedNumber {
  private static final Pattern TYPED =
      Pattern.compile("([+-]?(?:\\d{1,9}(?:[.,]\\d{0,9})?|[.,]\\d{1,9}))\\s*(\\p{Alpha}*.*)");

  private static final double CM_PER_IN = 2.54;
  private static final double L_PER_GAL = 3.785411784;
  private static final double G_PER_OZ = 28.349523125;

  /** By how they are written in small letters, what turns a number of them into the inside unit. */
  private static final Map<Dimension, Map<String, DoubleUnaryOperator>> UNITS =
      Map.of(
          Dimension.LENGTH,
              Map.of(
                  "mm", v -> v / 10,
                  "cm", v -> v,
                  "m", v -> v * 100,
                  "in", v -> v * CM_PER_IN,
                  "inch", v -> v * CM_PER_IN,
                  "inches", v -> v * CM_PER_IN,
                  "\"", v -> v * CM_PER_IN,
                  "ft", v -> v * 12 * CM_PER_IN),
          Dimension.THICKNESS,
              Map.of(
                  "mm", v -> v,
                  "cm", v -> v * 10,
                  "in", v -> v * 10 * CM_PER_IN,
                  "\"", v -> v * 10 * CM_PER_IN),
          Dimension.VOLUME,
              Map.of(
                  "ml", v -> v / 1000,
                  "l", v -> v,
                  "litre", v -> v,
                  "litres", v -> v,
                  "liter", v -> v,
                  "liters", v -> v,
                  "gal", v -> v * L_PER_GAL,
                  "gallon", v -> v * L_PER_GAL,
                  "gallons", v -> v * L_PER_GAL),
          Dimension.TEMPERATURE,
              Map.of(
                  "c", v -> v,
                  "°c", v -> v,
                  "f", v -> (v - 32) / 1.8,
                  "°f", v -> (v - 32) / 1.8),
          Dimension.MASS,
              Map.of(
                  "g", v -> v,
                  "kg", v -> v * 1000,
                  "oz", v -> v * G_PER_OZ,
                  "lb", v -> v * 16 * G_PER_OZ,
                  "lbs", v -> v * 16 * G_PER_OZ),
          Dimension.FLOW,
              Map.of(
                  "l/h", v -> v,
                  "lph", v -> v,
                  "gal/h", v -> v * L_PER_GAL,
                  "gph", v -> v * L_PER_GAL),
          Dimension.POWER, Map.of("w", v -> v, "kw", v -> v * 1000),
          Dimension.HOURS, Map.of("h", v -> v, "hours", v -> v, "min", v -> v / 60),
          Dimension.PERCENT, Map.of("%", v -> v),
          Dimension.SALINITY, Map.of("g/kg", v -> v, "ppt", v -> v, "g/l", v -> v));

  private TypedNumber() {}

  /**
   * @param units what a bare number is meant in
   * @return the number in the inside unit; empty if it is none, or bears a unit of something else
   */
  public static OptionalDouble parse(String text, Dimension dimension, UnitSystem units) {
    Matcher typed = TYPED.matcher(text.strip());
    if (!typed.matches()) {
      return OptionalDouble.empty();
    }
    double value = Double.parseDouble(typed.group(1).replace(',', '.'));
    String unit = typed.group(2).strip().toLowerCase(Locale.ROOT);
    if (unit.isEmpty()) {
      return OptionalDouble.of(dimension.toSi(value, units));
    }
    DoubleUnaryOperator turn = UNITS.getOrDefault(dimension, Map.of()).get(unit);
    if (turn != null) {
      return OptionalDouble.of(turn.applyAsDouble(value));
    }
    for (UnitSystem system : UnitSystem.values()) {
      if (unit.equals(dimension.unit(system).toLowerCase(Locale.ROOT))) {
        return OptionalDouble.of(dimension.toSi(value, system));
      }
    }
    return OptionalDouble.empty();
  }
}
