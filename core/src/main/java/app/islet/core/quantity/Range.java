package app.islet.core.quantity;

import java.util.Optional;

/** A closed range of numbers in one inside unit; the owner's name says which. */
public record Range(double min, double max) {
  public Range {
    if (!(min <= max)) {
      throw new IllegalArgumentException(
          "a range must not end before it begins: %s to %s".formatted(min, max));
    }
  }

  public boolean contains(double value) {
    return value >= min && value <= max;
  }

  public boolean contains(Range other) {
    return contains(other.min) && contains(other.max);
  }

  public double middle() {
    return (min + max) / 2;
  }

  /** The part both ranges share, or nothing. */
  public Optional<Range> overlap(Range other) {
    double low = Math.max(min, other.min);
    double high = Math.min(max, other.max);
    return low <= high ? Optional.of(new Range(low, high)) : Optional.empty();
  }

  /** As read in a sentence: {@code 15 to 18 °C}. */
  public String text(Dimension dimension, UnitSystem units) {
    String unit = dimension.unit(units);
    String low = dimension.number(min, units);
    String high = dimension.number(max, units);
    String numbers = low.equals(high) ? low : low + " to " + high;
    return unit.isEmpty() ? numbers : numbers + " " + unit;
  }
}
