package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.Ammonia;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** The ammonia nitrogen a meal makes. */
@AutoService(Calculator.class)
public final class TanCalculator extends AbstractCalculator {
  public TanCalculator() {
    super(
        "tan",
        "Ammonia from food",
        "0.092 x protein x feed, as nitrogen of total ammonia.",
        Evidence.published("Timmons and Ebeling, Recirculating Aquaculture"),
        List.of(
            Input.required("feedG", "Feed", Dimension.MASS, 0, 1_000_000),
            Input.required("proteinPercent", "Protein in it", Dimension.PERCENT, 0, 100)),
        List.of(new Output("tanG", "Ammonia nitrogen", Dimension.MASS)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    return answer(Ammonia.tanG(in.get("feedG"), in.get("proteinPercent")));
  }
}
