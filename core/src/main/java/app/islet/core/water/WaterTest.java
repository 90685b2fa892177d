package app.islet.core.water;

import app.islet.core.quantity.Check;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What was tested on a day.
 *
 * @param time of day; absent where nobody wrote it down
 * @param values in the inside units of each parameter, nitrogen as nitrogen; each within what is
 *     possible
 */
public record WaterTest(LocalDate day, Optional<LocalTime> time, Map<Parameter, Double> values) {
  /** In this order they were made; without a time, as of that day's end. */
  static final Comparator<WaterTest> BY_TIME =
      Comparator.comparing(WaterTest::day).thenComparing(test -> test.time().orElse(LocalTime.MAX));

  private static final Set<Parameter> PROBED =
      Set.of(Parameter.TEMPERATURE, Parameter.PH, Parameter.SALINITY);

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

  /** At no time of day in particular. */
  public WaterTest(LocalDate day, Map<Parameter, Double> values) {
    this(day, Optional.empty(), values);
  }

  public OptionalDouble value(Parameter parameter) {
    Double value = values.get(parameter);
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  /** Whether it is one of the many that a probe writes in a day. */
  public boolean isReading() {
    return time.isPresent() && PROBED.containsAll(values.keySet());
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
