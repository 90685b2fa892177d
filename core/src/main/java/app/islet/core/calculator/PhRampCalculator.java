package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Steps;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** pH led from one value to another. */
@AutoService(Calculator.class)
public final class PhRampCalculator extends AbstractCalculator {
  public PhRampCalculator() {
    super(
        "ph-ramp",
        "From one pH to another",
        "Equal steps a day, none larger than you allow; a fifth of a unit a day, about a week for one whole, is usual.",
        Evidence.PRACTICE,
        List.of(
            Input.required("fromPh", "From", Dimension.PH, 4, 11),
            Input.required("toPh", "To", Dimension.PH, 4, 11),
            new Input(
                "mostPerDay",
                "Most in a day",
                Dimension.PH,
                0,
                1,
                true,
                OptionalDouble.of(0.2),
                "")),
        List.of(
            new Output("days", "Days", Dimension.COUNT),
            new Output("perDay", "Each day by", Dimension.PH)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    Steps steps = Steps.between(in.get("fromPh"), in.get("toPh"), in.get("mostPerDay"));
    return answer(steps.days(), steps.perDay());
  }
}
