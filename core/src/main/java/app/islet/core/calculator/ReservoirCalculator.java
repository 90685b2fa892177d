package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.climate.TopUp;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Days a can, a mist reservoir or a top-up tank lasts. */
@AutoService(Calculator.class)
public final class ReservoirCalculator extends AbstractCalculator {
  public ReservoirCalculator() {
    super(
        "reservoir",
        "How long a reservoir lasts",
        "Its litres over what was used a day.",
        Evidence.published("definition"),
        List.of(
            Input.volume("litres", "In the reservoir"),
            Input.volume("usedL", "Used so far"),
            Input.above("usedDays", "in days", Dimension.DAYS, 0, 3650)),
        List.of(new Output("days", "It lasts", Dimension.DAYS)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    return answer(TopUp.daysLeft(in.get("litres"), in.get("usedL"), in.get("usedDays")));
  }
}
