package app.islet.core.calculator;

import app.islet.core.quantity.Dimension;

/**
 * One value a calculator answers; never rounded.
 *
 * @param kind how it is written; a yes or no is worked with as 1 or 0, a day as its count from
 *     1970-01-01
 */
public record Output(String key, String label, Dimension dimension, Kind kind) {
  /** How a value is written. */
  public enum Kind {
    NUMBER,
    FLAG,
    DAY
  }

  public Output(String key, String label, Dimension dimension) {
    this(key, label, dimension, Kind.NUMBER);
  }

  public static Output flag(String key, String label) {
    return new Output(key, label, Dimension.COUNT, Kind.FLAG);
  }

  public static Output day(String key, String label) {
    return new Output(key, label, Dimension.DAYS, Kind.DAY);
  }
}
