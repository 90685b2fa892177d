package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.climate.WetBulb;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** How cold evaporation alone can make water. */
@AutoService(Calculator.class)
public final class WetBulbCalculator extends AbstractCalculator {
  public WetBulbCalculator() {
    super(
        "wet-bulb",
        "Wet-bulb temperature",
        "Adiabatic saturation at 1013.25 hPa: the coldest a fan over open water can reach.",
        Evidence.published(
            "ASHRAE Handbook, Fundamentals, psychrometrics; vapour pressure by Buck (1981)"),
        List.of(Input.air("airC", "Air"), Input.humidity("rhPercent", "Relative humidity")),
        List.of(new Output("wetBulbC", "Wet bulb", Dimension.TEMPERATURE)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    return answer(WetBulb.celsius(in.get("airC"), in.get("rhPercent")));
  }
}
