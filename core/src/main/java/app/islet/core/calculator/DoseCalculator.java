package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.Dose;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Conditioner by its label. */
@AutoService(Calculator.class)
public final class DoseCalculator extends AbstractCalculator {
  public DoseCalculator() {
    super(
        "dose",
        "Conditioner for the new water",
        "The label's dose in proportion to the new water, never over it; a share of it where the label allows less.",
        Evidence.PRACTICE,
        List.of(
            Input.volume("volumeL", "New water"),
            Input.above("labelMl", "The label says, mL", Dimension.DOSE, 0, 10_000),
            Input.volume("labelL", "for"),
            Input.optional(
                "sharePercent", "Share of the label's dose", Dimension.PERCENT, 1, 100, 100),
            Input.optional(
                "dropsPerMl", "Drops to the mL", Dimension.COUNT, 5, 100, Dose.DROPS_PER_ML)),
        List.of(
            new Output("doseMl", "Conditioner", Dimension.DOSE),
            new Output("drops", "or in drops", Dimension.RATIO)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    Dose dose =
        Dose.of(
            in.get("volumeL"),
            in.get("labelMl"),
            in.get("labelL"),
            in.get("sharePercent") / 100,
            in.get("dropsPerMl"));
    return answer(dose.ml(), dose.drops());
  }
}
