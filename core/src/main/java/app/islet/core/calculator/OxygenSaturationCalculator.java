package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.OxygenSaturation;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Oxygen that water holds at most. */
@AutoService(Calculator.class)
public final class OxygenSaturationCalculator extends AbstractCalculator {
  public OxygenSaturationCalculator() {
    super(
        "oxygen-saturation",
        "Oxygen in the water at most",
        "What water in balance with moist air holds, by temperature, salt and the pressure of the air where it stands.",
        Evidence.published("Benson and Krause 1984, as used by the USGS"),
        List.of(
            Input.water("tempC", "Water"),
            Input.salinity("salinityPpt", "Salt", 0),
            Input.optional(
                "pressureHpa",
                "Air pressure, not reduced to the sea",
                Dimension.PRESSURE,
                500,
                1100,
                OxygenSaturation.SEA_LEVEL_HPA)),
        List.of(new Output("mgPerL", "Oxygen", Dimension.CONCENTRATION)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    return answer(
        OxygenSaturation.mgPerL(in.get("tempC"), in.get("salinityPpt"), in.get("pressureHpa")));
  }
}
