package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.Rain;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Rain in salt water outdoors. */
@AutoService(Calculator.class)
public final class RainCalculator extends AbstractCalculator {
  public RainCalculator() {
    super(
        "rain",
        "Rain in salt water",
        "1 mm on 1 m² is 1 L. All rain mixes in, then as much runs over as came, or the level stays higher; the salt brings what is then in it back.",
        Evidence.published("conservation of mass"),
        List.of(
            Input.volume("volumeL", "Water"),
            Input.salinity("ppt", "Salt in it"),
            Input.required("rainMm", "Rain", Dimension.THICKNESS, 0, 10_000),
            Input.required("catchAreaM2", "Area it falls on", Dimension.GROUND_AREA, 0, 10_000),
            Input.flag("overflows", "Runs over")),
        List.of(
            new Output("ppt", "Salt afterwards", Dimension.SALINITY),
            new Output("saltToRestoreG", "Salt to add", Dimension.MASS)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    Rain after =
        Rain.on(
            in.get("volumeL"),
            in.get("ppt"),
            in.get("rainMm"),
            in.get("catchAreaM2"),
            in.get("overflows") != 0);
    return answer(after.ppt(), after.saltToRestoreG());
  }
}
