package app.islet.core.calculator;

import app.islet.core.climate.OpenTank;
import app.islet.core.climate.WetBulb;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** What a fan over a plain tank brings. */
@AutoService(Calculator.class)
public final class FanCalculator extends OpenTankCalculator {
  public FanCalculator() {
    super(
        "fan",
        "Fan over the surface",
        "Where an open box of water settles with moving air over it, never below the wet bulb, and what it then loses in a day.",
        List.of(
            Input.optional("airSpeedMs", "Air speed over it, m/s", Dimension.RATIO, 0, 20, 1),
            gain()),
        List.of(
            new Output("reachesC", "Settles at", Dimension.TEMPERATURE),
            new Output("stillC", "Without the fan", Dimension.TEMPERATURE),
            new Output("topUpLPerDay", "Top up a day", Dimension.VOLUME),
            new Output("wetBulbC", "Wet bulb", Dimension.TEMPERATURE)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    OpenTank tank = tank(in, false);
    double reaches = tank.settlesC(in.get("airSpeedMs"), in.get("gainW"));
    return answer(
        reaches,
        tank.settlesC(0, in.get("gainW")),
        tank.evaporatesLPerDay(reaches, in.get("airSpeedMs")),
        WetBulb.celsius(in.get("roomC"), in.get("rhPercent")));
  }
}
