package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.climate.IceBath;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** What ice does to water. */
@AutoService(Calculator.class)
public final class IceCalculator extends AbstractCalculator {
  public IceCalculator() {
    super(
        "ice",
        "Ice in the water",
        "Heat balance without loss to the room: ice 2.05 kJ/kgK, fusion 334 kJ/kg, water 4.186 kJ/kgK, 1 kg/L.",
        Evidence.published("conservation of energy"),
        List.of(
            Input.volume("volumeL", "Water"),
            Input.water("startC", "Water before"),
            Input.required("iceG", "Ice", Dimension.MASS, 0, 100_000_000),
            Input.optional("iceC", "Ice from the freezer", Dimension.TEMPERATURE, -40, 0, -18)),
        List.of(new Output("finalC", "Both together", Dimension.TEMPERATURE)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    return answer(
        IceBath.finalC(in.get("volumeL"), in.get("startC"), in.get("iceG") / 1000, in.get("iceC")));
  }
}
