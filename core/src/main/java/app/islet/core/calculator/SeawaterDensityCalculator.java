package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.SeaWater;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** How heavy salt water is. */
@AutoService(Calculator.class)
public final class SeawaterDensityCalculator extends AbstractCalculator {
  public SeawaterDensityCalculator() {
    super(
        "seawater-density",
        "Density of salt water",
        "Equation of state of sea water of 1980, at the surface.",
        Evidence.published("EOS-80, UNESCO technical papers in marine science 44, 1983"),
        List.of(Input.water("tempC", "Water"), Input.salinity("salinityPpt", "Salt")),
        List.of(new Output("densityKgPerM3", "Density", Dimension.DENSITY)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    return answer(SeaWater.densityKgPerM3(in.get("tempC"), in.get("salinityPpt")));
  }
}
