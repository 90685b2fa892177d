package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.geometry.SubstrateVolumes;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Litres, mass and bags of ground for a depth. */
@AutoService(Calculator.class)
public final class SubstrateCalculator extends AbstractCalculator {
  private static final double CM3_PER_L = 1000;

  public SubstrateCalculator() {
    super(
        "substrate",
        "How much ground",
        "Floor times depth; mass by the litre, and whole bags that suffice.",
        Evidence.published("geometry"),
        List.of(
            Input.length("lengthCm", "Inner length"),
            Input.length("widthCm", "Inner width"),
            Input.length("depthCm", "Depth of the ground"),
            Input.above("kgPerL", "Mass of a litre, kg", Dimension.RATIO, 0, 10).orDefault(1.6),
            Input.above("bagKg", "In a bag", Dimension.MASS_KG, 0, 10_000).orNone()),
        List.of(
            new Output("litres", "Ground", Dimension.VOLUME),
            new Output("kg", "Mass", Dimension.MASS_KG),
            new Output("bags", "Bags", Dimension.COUNT)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double litres = in.get("lengthCm") * in.get("widthCm") * in.get("depthCm") / CM3_PER_L;
    double kg = litres * in.get("kgPerL");
    double bagKg = in.get("bagKg");
    return answer(litres, kg, Double.isNaN(bagKg) ? bagKg : SubstrateVolumes.bags(kg, bagKg));
  }
}
