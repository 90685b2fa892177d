package app.islet.core.water;

import app.islet.core.quantity.Check;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * What was tested on a day.
 *
 * @param values in the inside units of each parameter, nitrogen as nitrogen; each within what is
 *     possible
 */
public record WaterTest(LocalDate day, Map<Parameter, Double> values) {
  public WaterTest {
    Map<Parameter, Double> copy = new EnumMap<>(Parameter.class);
    values.forEach(
        (parameter, value) ->
            copy.put(
                parameter,
                Check.inRange(
                    parameter.words(),
                    value,
                    parameter.possible().min(),
                    parameter.possible().max())));
    values = Map.copyOf(copy);
  }

  public OptionalDouble value(Parameter parameter) {
    Double value = values.get(parameter);
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  /** Whether it tells of both poisons of a start-up. */
  boolean tellsOfNitrogen() {
    return values.containsKey(Parameter.AMMONIA) && values.containsKey(Parameter.NITRITE);
  }

  /** Whether the kit would show neither ammonia nor nitrite. */
  boolean isClear() {
    return tellsOfNitrogen()
        && Parameter.AMMONIA.isZero(values.get(Parameter.AMMONIA))
        && Parameter.NITRITE.isZero(values.get(Parameter.NITRITE));
  }
}
