package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.geometry.PaneStress;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** Bending of a front pane. */
@AutoService(Calculator.class)
public final class GlassCalculator extends AbstractCalculator {
  public GlassCalculator() {
    super(
        "glass",
        "Stress in the front pane",
        "Water to the rim on a plate held along four edges, or three with the top free: stress = beta x pressure at the foot x (height / thickness)².",
        Evidence.published(
            "Timoshenko and Woinowsky-Krieger, Theory of Plates and Shells; Roark's table typed from memory"),
        List.of(
            Input.length("lengthCm", "Length of the pane"),
            Input.length("heightCm", "Height of the pane"),
            Input.above("thicknessMm", "Thickness", Dimension.THICKNESS, 0, 200),
            Input.optional("edges", "Edges held: 4 or 3", Dimension.COUNT, 3, 4, 4),
            new Input(
                "strengthMpa",
                "Bending strength, MPa",
                Dimension.RATIO,
                0,
                1000,
                true,
                OptionalDouble.of(PaneStress.STRENGTH_MPA),
                "")),
        List.of(
            new Output("stressMpa", "Highest stress, MPa", Dimension.RATIO),
            new Output("safetyFactor", "Strength over stress", Dimension.RATIO)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double edges = in.get("edges");
    if (edges != 3 && edges != 4) {
      throw new RefusedException("edges", "edges must be 3 or 4 but was %s".formatted(edges));
    }
    PaneStress pane =
        PaneStress.of(
            in.get("lengthCm"),
            in.get("heightCm"),
            in.get("thicknessMm"),
            edges == 4,
            in.get("strengthMpa"));
    return answer(pane.stressMpa(), pane.safetyFactor());
  }
}
