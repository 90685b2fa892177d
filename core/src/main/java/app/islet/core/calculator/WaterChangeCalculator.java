package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.WaterChange;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** What one water change leaves. */
@AutoService(Calculator.class)
public final class WaterChangeCalculator extends AbstractCalculator {
  public WaterChangeCalculator() {
    super(
        "water-change",
        "What one water change does",
        "Old and new water mix: now + (tap - now) x percent / 100.",
        Evidence.published("conservation of mass"),
        List.of(
            Input.required("nowMgPerL", "Now", Dimension.CONCENTRATION, 0, 100_000),
            Input.optional("tapMgPerL", "In the new water", Dimension.CONCENTRATION, 0, 100_000, 0),
            Input.required("percent", "Share changed", Dimension.PERCENT, 0, 100)),
        List.of(new Output("afterMgPerL", "Afterwards", Dimension.CONCENTRATION)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    return answer(
        WaterChange.afterMgPerL(in.get("nowMgPerL"), in.get("tapMgPerL"), in.get("percent")));
  }
}
