package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** One definition of one calculator. Stateless; found by {@link java.util.ServiceLoader}. */
public interface Calculator {
  String id();

  String title();

  /** The rule in one sentence, as a keeper reads it. */
  String rule();

  Evidence basis();

  List<Input> inputs();

  List<Output> outputs();

  /**
   * @return a value for every output that has one, in order
   * @throws RefusedException if the question has no answer
   */
  Map<String, Double> compute(Values in);

  /**
   * The outputs with their values, in the order they are defined; NaN for one that rests on an
   * input left out, which is left out as well.
   */
  default Map<String, Double> answer(double... values) {
    Map<String, Double> map = new LinkedHashMap<>();
    for (int i = 0; i < values.length; i++) {
      if (!Double.isNaN(values[i])) {
        map.put(outputs().get(i).key(), values[i]);
      }
    }
    return map;
  }
}
