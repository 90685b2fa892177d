package app.islet.core.calculator;

import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** The heater a plain tank needs. */
@AutoService(Calculator.class)
public final class HeaterCalculator extends OpenTankCalculator {
  private static final double RESERVE = 1.3;

  public HeaterCalculator() {
    super(
        "heater",
        "Heater for a tank",
        "What a box of water at the target loses through panes, floor and surface to the coldest room; the size to buy has a third in reserve.",
        List.of(
            Input.water("targetC", "Target water temperature"),
            Input.flag("covered", "Glass lid on it")),
        List.of(
            new Output("needW", "Holds it", Dimension.POWER),
            new Output("sizeW", "To buy, at least", Dimension.POWER)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double need = Math.max(0, tank(in, in.get("covered") != 0).holdsW(in.get("targetC")));
    return answer(need, need * RESERVE);
  }
}
