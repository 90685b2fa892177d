package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** What a pump really moves. */
@AutoService(Calculator.class)
public final class FilterTurnoverCalculator extends AbstractCalculator {
  private static final double SECONDS_PER_HOUR = 3600;

  public FilterTurnoverCalculator() {
    super(
        "filter-turnover",
        "What the filter really moves",
        "Catch its outflow in a jug and time it: litres over seconds, times 3600; over the tank's water, how often an hour it all passes. A label tells the flow without hose, height and dirt.",
        Evidence.published("definition"),
        List.of(
            Input.volume("volumeL", "Water in the tank"),
            Input.above("caughtL", "Caught", Dimension.VOLUME, 0, 1000),
            Input.above("seconds", "in seconds", Dimension.RATIO, 0, 86_400)),
        List.of(
            new Output("flowLph", "Flow", Dimension.FLOW),
            new Output("perHour", "Times an hour", Dimension.RATIO)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double flow = in.get("caughtL") / in.get("seconds") * SECONDS_PER_HOUR;
    return answer(flow, flow / in.get("volumeL"));
  }
}
