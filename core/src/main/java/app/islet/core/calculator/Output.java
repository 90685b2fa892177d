package app.islet.core.calculator;

import app.islet.core.quantity.Dimension;

/**
 * One value a calculator answers; never rounded.
 *
 * @param flag whether it is a yes or no, worked with as 1 or 0
 */
public record Output(String key, String label, Dimension dimension, boolean flag) {
  public Output(String key, String label, Dimension dimension) {
    this(key, label, dimension, false);
  }

  public static Output flag(String key, String label) {
    return new Output(key, label, Dimension.COUNT, true);
  }
}
