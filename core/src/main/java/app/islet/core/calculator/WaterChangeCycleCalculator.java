package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.WaterChange;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Where a rhythm of changes settles. */
@AutoService(Calculator.class)
public final class WaterChangeCycleCalculator extends AbstractCalculator {
  public WaterChangeCycleCalculator() {
    super(
        "water-change-cycle",
        "What a rhythm of changes settles at",
        "Each time as much leaves as has come in since: before = tap + rise / share, after = tap + rise x (1 - share) / share.",
        Evidence.published("geometric series"),
        List.of(
            Input.required("risePerDay", "Rise a day, mg/L", Dimension.CONCENTRATION, 0, 100_000),
            Input.above("everyDays", "A change every, days", Dimension.DAYS, 0, 3650),
            Input.above("percent", "Share changed", Dimension.PERCENT, 0, 100),
            Input.optional(
                "tapMgPerL", "In the new water", Dimension.CONCENTRATION, 0, 100_000, 0)),
        List.of(
            new Output("beforeMgPerL", "Before a change", Dimension.CONCENTRATION),
            new Output("afterMgPerL", "After it", Dimension.CONCENTRATION)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    WaterChange.SteadyState steady =
        WaterChange.settles(
            in.get("risePerDay"), in.get("everyDays"), in.get("tapMgPerL"), in.get("percent"));
    return answer(steady.beforeMgPerL(), steady.afterMgPerL());
  }
}
