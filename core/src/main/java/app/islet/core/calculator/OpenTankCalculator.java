package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.climate.OpenTank;
import app.islet.core.quantity.Dimension;
import java.util.ArrayList;
import java.util.List;

/** A question about a plain box of water in its room. */
abstract class OpenTankCalculator extends AbstractCalculator {
  OpenTankCalculator(
      String id, String title, String rule, List<Input> further, List<Output> outputs) {
    super(
        id,
        title,
        rule + " Estimate, within 30 %.",
        Evidence.published("ISO 6946 surfaces, EN 673 glass, ASHRAE pool equation; within 30 %"),
        with(further),
        outputs);
  }

  private static List<Input> with(List<Input> further) {
    List<Input> all =
        new ArrayList<>(
            List.of(
                Input.length("lengthCm", "Inner length"),
                Input.length("widthCm", "Inner width"),
                Input.length("depthCm", "Water depth"),
                Input.air("roomC", "Room"),
                Input.optional("rhPercent", "Relative humidity", Dimension.PERCENT, 0, 100, 50)));
    all.addAll(further);
    return all;
  }

  static Input gain() {
    return Input.optional("gainW", "Pumps and lamps", Dimension.POWER, 0, 10_000, 0);
  }

  static OpenTank tank(Values in, boolean covered) {
    return new OpenTank(
        in.get("lengthCm"),
        in.get("widthCm"),
        in.get("depthCm"),
        in.get("roomC"),
        in.get("rhPercent"),
        covered);
  }
}
