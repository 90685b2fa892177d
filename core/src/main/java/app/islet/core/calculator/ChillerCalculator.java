package app.islet.core.calculator;

import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** The chiller a plain tank needs. */
@AutoService(Calculator.class)
public final class ChillerCalculator extends OpenTankCalculator {
  private static final double RESERVE = 1.5;

  public ChillerCalculator() {
    super(
        "chiller",
        "Chiller for a tank",
        "Heat an open box of water at the target takes up from the warmest room, with pumps and lamps; the size to buy has half in reserve.",
        List.of(Input.water("targetC", "Target water temperature"), gain()),
        List.of(
            new Output("needW", "Takes out", Dimension.POWER),
            new Output("sizeW", "To buy, at least", Dimension.POWER)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double need = Math.max(0, in.get("gainW") - tank(in, false).holdsW(in.get("targetC")));
    return answer(need, need * RESERVE);
  }
}
