package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.PumpFlow;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Flow of a pump by a jug and a watch. */
@AutoService(Calculator.class)
public final class PumpFlowCalculator extends AbstractCalculator {
  public PumpFlowCalculator() {
    super(
        "pump-flow",
        "What a pump moves",
        "Caught in a jug and timed: litres over seconds, times 3600; over the water of the tank, how often an hour it all passes.",
        Evidence.published("definition"),
        List.of(
            Input.volume("litres", "Caught"),
            Input.above("seconds", "in seconds", Dimension.RATIO, 0, 86_400),
            Input.volume("volumeL", "Water in the tank").orNone()),
        List.of(
            new Output("litresPerHour", "Flow", Dimension.FLOW),
            new Output("turnoversPerHour", "Times an hour", Dimension.RATIO)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double flow = PumpFlow.litresPerHour(in.get("litres"), in.get("seconds"));
    return answer(flow, flow / in.get("volumeL"));
  }
}
