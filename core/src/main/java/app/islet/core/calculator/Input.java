package app.islet.core.calculator;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.UnitSystem;
import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * One value a calculator takes.
 *
 * @param key as typed in the shell, with its unit
 * @param kind how it is written; a day is worked with as its count from 1970-01-01, a yes or no as
 *     1 or 0
 * @param aboveMin whether {@code min} itself is refused
 * @param fallback value taken when it is not given; absent where it must be given
 * @param fallbackNote what the fallback is, where it is another input
 */
public record Input(
    String key,
    String label,
    Kind kind,
    Dimension dimension,
    double min,
    double max,
    boolean aboveMin,
    OptionalDouble fallback,
    String fallbackNote) {
  /** How a value is written. */
  public enum Kind {
    NUMBER,
    /** A number without a fraction. */
    WHOLE,
    DATE,
    FLAG,
    /** Pairs of numbers, a colon in each and a comma between them. */
    POINTS
  }

  /** Stands for no other input. */
  public static final String NONE = "";

  /** Key of {@link #confidence()}. */
  public static final String CONFIDENCE = "confidencePercent";

  private static final double MAX_OF_A_POINT = 1e6;
  private static final LocalDate FIRST_DAY = LocalDate.of(1600, 1, 1);
  private static final LocalDate LAST_DAY = LocalDate.of(2400, 12, 31);

  public Input(
      String key,
      String label,
      Dimension dimension,
      double min,
      double max,
      boolean aboveMin,
      OptionalDouble fallback,
      String fallbackNote) {
    this(key, label, Kind.NUMBER, dimension, min, max, aboveMin, fallback, fallbackNote);
  }

  /** A day of the years 1600 to 2400, as 2027-03-21. */
  public static Input date(String key, String label) {
    return new Input(
        key,
        label,
        Kind.DATE,
        Dimension.DAYS,
        FIRST_DAY.toEpochDay(),
        LAST_DAY.toEpochDay(),
        false,
        OptionalDouble.empty(),
        "");
  }

  /** Points of a time and a size, as 0:2.1,1:3.4; the range is that of each number in them. */
  public static Input points(String key, String label) {
    return new Input(
        key,
        label,
        Kind.POINTS,
        Dimension.FIGURE,
        -MAX_OF_A_POINT,
        MAX_OF_A_POINT,
        false,
        OptionalDouble.empty(),
        "");
  }

  /** A count, both ends of the range among it. */
  public static Input whole(String key, String label, int min, int max) {
    return new Input(
        key, label, Kind.WHOLE, Dimension.COUNT, min, max, false, OptionalDouble.empty(), "");
  }

  /** How sure limits are to hold the truth, %. */
  public static Input confidence() {
    return optional(CONFIDENCE, "Confidence", Dimension.PERCENT, 0, 100, 95);
  }

  /** True or false. */
  public static Input flag(String key, String label) {
    return new Input(
        key, label, Kind.FLAG, Dimension.COUNT, 0, 1, false, OptionalDouble.empty(), "");
  }

  /** A number above {@code min}. */
  public static Input above(String key, String label, Dimension dimension, double min, double max) {
    return new Input(key, label, dimension, min, max, true, OptionalDouble.empty(), "");
  }

  /** Temperature of water, °C. */
  public static Input water(String key, String label) {
    return required(key, label, Dimension.TEMPERATURE, -1.8, 40);
  }

  /** Temperature of air, °C. */
  public static Input air(String key, String label) {
    return required(key, label, Dimension.TEMPERATURE, -20, 50);
  }

  /** Relative humidity, %. */
  public static Input humidity(String key, String label) {
    return required(key, label, Dimension.PERCENT, 0, 100);
  }

  /** A volume above 0 to 100,000 L. */
  public static Input volume(String key, String label) {
    return above(key, label, Dimension.VOLUME, 0, 100_000);
  }

  /** Salt, g/kg. */
  public static Input salinity(String key, String label) {
    return required(key, label, Dimension.SALINITY, 0, 45);
  }

  public static Input salinity(String key, String label, double fallback) {
    return optional(key, label, Dimension.SALINITY, 0, 45, fallback);
  }

  public static Input required(
      String key, String label, Dimension dimension, double min, double max) {
    return new Input(key, label, dimension, min, max, false, OptionalDouble.empty(), "");
  }

  /** A length above 0 to 2000 cm. */
  public static Input length(String key, String label) {
    return new Input(key, label, Dimension.LENGTH, 0, 2000, true, OptionalDouble.empty(), "");
  }

  public static Input optional(
      String key, String label, Dimension dimension, double min, double max, double fallback) {
    return new Input(key, label, dimension, min, max, false, OptionalDouble.of(fallback), "");
  }

  /** An input that may be left out and is then taken from another. */
  public Input orElse(String otherKey) {
    return new Input(
        key, label, kind, dimension, min, max, aboveMin, OptionalDouble.of(Double.NaN), otherKey);
  }

  /** An input that may be left out and is then this. */
  public Input orDefault(double value) {
    return new Input(
        key, label, kind, dimension, min, max, aboveMin, OptionalDouble.of(value), fallbackNote);
  }

  /** An input that may be left out; what follows from it alone is left out then too. */
  public Input orNone() {
    return orElse(NONE);
  }

  public boolean isRequired() {
    return fallback.isEmpty();
  }

  /** Whether it is one number, whole or not. */
  public boolean isNumber() {
    return kind == Kind.NUMBER || kind == Kind.WHOLE;
  }

  boolean accepts(double value) {
    if (kind == Kind.WHOLE && value != Math.rint(value)) {
      return false;
    }
    return (aboveMin ? value > min : value >= min) && value <= max;
  }

  /** As in {@code above 0 to 2000 cm}. */
  public String rangeWords() {
    if (kind == Kind.DATE) {
      return "a day as 2027-03-21, from %s to %s".formatted(FIRST_DAY, LAST_DAY);
    }
    if (kind == Kind.FLAG) {
      return "true or false";
    }
    if (kind == Kind.POINTS) {
      return "points as 0:2.1,1:3.4,2:4.0, each number from %s to %s"
          .formatted(plain(min), plain(max));
    }
    String unit = dimension.unit(UnitSystem.METRIC);
    return (kind == Kind.WHOLE ? "a whole number from " : "")
        + (aboveMin ? "above " : "")
        + plain(min)
        + " to "
        + plain(max)
        + (unit.isEmpty() ? "" : " " + unit);
  }

  private static String plain(double number) {
    return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
  }
}
