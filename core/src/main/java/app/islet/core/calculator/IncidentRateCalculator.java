package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.livestock.IncidentRate;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** How often something happens, and what so few cases can tell. */
@AutoService(Calculator.class)
public final class IncidentRateCalculator extends AbstractCalculator {
  public IncidentRateCalculator() {
    super(
        "incident-rate",
        "Incident rate",
        "Cases over the months that animals were there to have one (6 animals for 4 months are 24), with exact limits.",
        Evidence.published("Garwood 1936, Biometrika 28, 437-442"),
        List.of(
            Input.whole("cases", "Cases", 0, 100_000),
            Input.above("animalMonths", "Animals times months", Dimension.FIGURE, 0, 1e9),
            Input.confidence()),
        List.of(
            new Output("perAnimalMonth", "Cases a month and animal", Dimension.FIGURE),
            new Output("low", "At least", Dimension.FIGURE),
            new Output("high", "At most", Dimension.FIGURE)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double confidence = in.get(Input.CONFIDENCE);
    if (confidence == 100) {
      throw new RefusedException(
          Input.CONFIDENCE,
          "confidencePercent must be below 100: no number is sure to be above every rate");
    }
    IncidentRate rate = IncidentRate.of((int) in.get("cases"), in.get("animalMonths"), confidence);
    return answer(rate.perAnimalMonth(), rate.low(), rate.high());
  }
}
