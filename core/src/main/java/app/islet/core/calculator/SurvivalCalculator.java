package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.livestock.Survival;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** How many of a batch are left, and what so few can tell. */
@AutoService(Calculator.class)
public final class SurvivalCalculator extends AbstractCalculator {
  public SurvivalCalculator() {
    super(
        "survival",
        "Survival",
        "Those left of those begun; the limits hold the true share as often as asked for, however few there were.",
        Evidence.published("Clopper and Pearson 1934, Biometrika 26, 404-413"),
        List.of(
            Input.whole("begun", "Begun with", 1, 100_000),
            Input.whole("left", "Left", 0, 100_000),
            Input.confidence()),
        List.of(
            new Output("percent", "Survived", Dimension.PERCENT),
            new Output("low", "At least", Dimension.PERCENT),
            new Output("high", "At most", Dimension.PERCENT)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    int begun = (int) in.get("begun");
    int left = (int) in.get("left");
    if (left > begun) {
      throw new RefusedException(
          "left", "left must be at most begun, %d, but was %d".formatted(begun, left));
    }
    Survival s = Survival.of(begun, left, in.get(Input.CONFIDENCE));
    return answer(s.percent(), s.lowPercent(), s.highPercent());
  }
}
