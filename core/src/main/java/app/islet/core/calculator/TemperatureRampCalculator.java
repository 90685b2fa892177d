package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Steps;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** How many days an animal is led from one temperature to another. */
@AutoService(Calculator.class)
public final class TemperatureRampCalculator extends AbstractCalculator {
  public TemperatureRampCalculator() {
    super(
        "temperature-ramp",
        "From one temperature to another",
        "Equal steps a day, none larger than you allow; one degree a day is the usual for weaning and acclimating.",
        Evidence.PRACTICE,
        List.of(
            Input.water("fromC", "From"),
            Input.water("toC", "To"),
            new Input(
                "mostKPerDay",
                "Most in a day",
                Dimension.TEMPERATURE_DIFFERENCE,
                0,
                20,
                true,
                OptionalDouble.of(1),
                "")),
        List.of(
            new Output("days", "Days", Dimension.COUNT),
            new Output("kPerDay", "Each day by", Dimension.TEMPERATURE_DIFFERENCE)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    Steps steps = Steps.between(in.get("fromC"), in.get("toC"), in.get("mostKPerDay"));
    return answer(steps.days(), steps.perDay());
  }
}
