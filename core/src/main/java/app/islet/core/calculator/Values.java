package app.islet.core.calculator;

import app.islet.core.care.GrowthFit;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What a calculator works with: a value for every input, each within its range. */
public record Values(Map<String, Double> numbers, Map<String, List<GrowthFit.Point>> points) {
  public Values {
    numbers = Map.copyOf(numbers);
    points = Map.copyOf(points);
  }

  /** The number of an input, a day or a yes or no; see {@link Input}. */
  public double get(String key) {
    return Objects.requireNonNull(numbers.get(key), key);
  }

  public List<GrowthFit.Point> points(String key) {
    return Objects.requireNonNull(points.get(key), key);
  }
}
