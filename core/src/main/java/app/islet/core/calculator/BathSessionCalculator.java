package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.plan.BathSession;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** How long it takes to bathe them all. */
@AutoService(Calculator.class)
public final class BathSessionCalculator extends AbstractCalculator {
  private static final int MAX = 100_000;
  private static final double MAX_MIN = 240;

  public BathSessionCalculator() {
    super(
        "bath-session",
        "Bathing many",
        "The next batch bathes while the last one dries: batches times the bath, and one drying.",
        Evidence.published("arithmetic"),
        List.of(
            Input.whole("animals", "Animals", 1, MAX),
            Input.whole("atOnce", "In the bath at once", 1, MAX),
            Input.above("bathMin", "Minutes in the bath", Dimension.MINUTES, 0, MAX_MIN),
            Input.above("dryMin", "Minutes to dry", Dimension.MINUTES, 0, MAX_MIN)),
        List.of(
            new Output("batches", "Batches", Dimension.COUNT),
            new Output("totalMin", "In all", Dimension.MINUTES),
            new Output("oneByOneMin", "One by one", Dimension.MINUTES)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    BathSession s =
        BathSession.of(
            (int) in.get("animals"), (int) in.get("atOnce"), in.get("bathMin"), in.get("dryMin"));
    return answer(s.batches(), s.totalMin(), s.oneByOneMin());
  }
}
