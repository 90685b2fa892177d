package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.WaterChange;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** How many water changes reach a target. */
@AutoService(Calculator.class)
public final class WaterChangeToCalculator extends AbstractCalculator {
  public WaterChangeToCalculator() {
    super(
        "water-change-to",
        "How many changes to a target",
        "The fewest equal changes, none above the largest you allow, that bring the value down to the target.",
        Evidence.published("conservation of mass"),
        List.of(
            Input.required("nowMgPerL", "Now", Dimension.CONCENTRATION, 0, 100_000),
            Input.required("targetMgPerL", "Target", Dimension.CONCENTRATION, 0, 100_000),
            Input.optional("tapMgPerL", "In the new water", Dimension.CONCENTRATION, 0, 100_000, 0),
            new Input(
                "maxPercent",
                "Largest single change",
                Dimension.PERCENT,
                0,
                100,
                true,
                OptionalDouble.of(100),
                "")),
        List.of(
            new Output("changes", "Changes", Dimension.COUNT),
            new Output("percentEach", "Each", Dimension.PERCENT)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    if (in.get("nowMgPerL") > in.get("targetMgPerL")
        && in.get("targetMgPerL") <= in.get("tapMgPerL")) {
      throw new RefusedException(
          "targetMgPerL",
          "targetMgPerL must be above the %s mg/L of the new water, which changes only approach, but was %s mg/L"
              .formatted(in.get("tapMgPerL"), in.get("targetMgPerL")));
    }
    WaterChange.Steps steps =
        WaterChange.to(
            in.get("nowMgPerL"), in.get("targetMgPerL"), in.get("tapMgPerL"), in.get("maxPercent"));
    return answer(steps.changes(), steps.percentEach());
  }
}
