package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.climate.BaskingSpot;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** How far away a basking lamp hangs. */
@AutoService(Calculator.class)
public final class BaskingDistanceCalculator extends AbstractCalculator {
  public BaskingDistanceCalculator() {
    super(
        "basking-distance",
        "Distance of a basking lamp",
        "A cone that falls off with a power of the cosine warms a dry surface over the air; one measured point sets it right. Estimate, the rise within a third before that.",
        Evidence.MEMORY,
        List.of(
            Input.above("powerW", "Lamp", Dimension.POWER, 0, 1000),
            Input.air("airC", "Air there"),
            Input.required("targetC", "Target surface temperature", Dimension.TEMPERATURE, 0, 80),
            Input.optional(
                "beamDeg", "Cone of the lamp", Dimension.ANGLE, 5, 160, BaskingSpot.USUAL_BEAM_DEG),
            Input.optional(
                    "measuredC",
                    "Surface measured; as the air: not measured",
                    Dimension.TEMPERATURE,
                    -20,
                    120,
                    0)
                .orElse("airC"),
            Input.optional("measuredCm", "Measured so far below", Dimension.LENGTH, 1, 300, 30)),
        List.of(
            new Output("distanceCm", "Hang it", Dimension.LENGTH),
            new Output("burnsWithinCm", "It burns within", Dimension.LENGTH)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double air = in.get("airC");
    if (!(in.get("targetC") > air)) {
      throw new RefusedException(
          "targetC",
          "targetC must be above airC (%s °C), since a lamp only warms, but was %s °C"
              .formatted(air, in.get("targetC")));
    }
    BaskingSpot lamp =
        BaskingSpot.of(in.get("powerW"), in.get("beamDeg"), air)
            .measured(in.get("measuredC"), in.get("measuredCm"));
    return answer(lamp.distanceFor(in.get("targetC")), lamp.burnsWithinCm());
  }
}
