package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.Ammonia;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** How much of the ammonia a kit shows is the poisonous form. */
@AutoService(Calculator.class)
public final class AmmoniaCalculator extends AbstractCalculator {
  public AmmoniaCalculator() {
    super(
        "ammonia",
        "Free ammonia",
        "Of the total a kit shows, the share that is free and burns gills and skin rises with pH and temperature: pKa = 0.09018 + 2729.92 / T, fresh water, as nitrogen in and out.",
        Evidence.published("Emerson et al. 1975"),
        List.of(
            Input.required(
                "totalMgPerL", "Ammonia by the kit, as nitrogen", Dimension.CONCENTRATION, 0, 100),
            Input.water("tempC", "Water"),
            Input.required("pH", "pH", Dimension.PH, 4, 11)),
        List.of(
            new Output("unionisedFraction", "Share that is free", Dimension.SHARE),
            new Output("unionisedMgPerL", "Free ammonia", Dimension.TRACE)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double share = Ammonia.freeShare(in.get("tempC"), in.get("pH"));
    return answer(share, share * in.get("totalMgPerL"));
  }
}
