package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.climate.Evaporation;
import app.islet.core.climate.MoistAir;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Water lost from an open surface, and the heat it takes along. */
@AutoService(Calculator.class)
public final class EvaporationCalculator extends AbstractCalculator {
  public EvaporationCalculator() {
    super(
        "evaporation",
        "Evaporation",
        "Pool equation: activity x area x vapour pressure difference x (0.089 + 0.0782 air speed) / latent heat. Negative where moisture condenses.",
        Evidence.published(
            "ASHRAE Handbook, HVAC Applications, natatoriums; vapour pressure by Buck (1981)"),
        List.of(
            Input.water("waterC", "Water"),
            Input.air("airC", "Air"),
            Input.humidity("rhPercent", "Relative humidity"),
            Input.above("areaCm2", "Open surface", Dimension.AREA, 0, 4_000_000),
            Input.optional("airSpeedMs", "Air speed over it, m/s", Dimension.RATIO, 0, 20, 0),
            Input.optional(
                "activity",
                "Activity; 0.5 is a quiet surface",
                Dimension.RATIO,
                0,
                2,
                Evaporation.QUIET)),
        List.of(
            new Output("gPerHour", "Evaporates in an hour", Dimension.MASS),
            new Output("coolingW", "Cools with", Dimension.POWER)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double kgPerS =
        Evaporation.kgPerS(
            in.get("waterC"),
            in.get("airC"),
            in.get("rhPercent"),
            in.get("areaCm2") / 10_000,
            in.get("airSpeedMs"),
            in.get("activity"));
    return answer(kgPerS * 3_600_000, kgPerS * 1000 * MoistAir.latentKjPerKg(in.get("waterC")));
  }
}
