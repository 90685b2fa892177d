package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.climate.TopUp;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Heat carried off by the water that has to be topped up. */
@AutoService(Calculator.class)
public final class TopUpPowerCalculator extends AbstractCalculator {
  public TopUpPowerCalculator() {
    super(
        "top-up-power",
        "What evaporation carries off",
        "Each litre topped up went off as vapour and took its heat of evaporation along: 2500.8 - 2.372 x °C kJ/kg.",
        Evidence.published("latent heat of water as linear in temperature, steam tables"),
        List.of(
            Input.volume("litres", "Topped up"),
            Input.above("days", "in days", Dimension.DAYS, 0, 3650),
            Input.optional("waterC", "Water", Dimension.TEMPERATURE, -1.8, 40, 20)),
        List.of(new Output("watts", "Heat carried off", Dimension.POWER)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    return answer(TopUp.watts(in.get("litres"), in.get("days"), in.get("waterC")));
  }
}
