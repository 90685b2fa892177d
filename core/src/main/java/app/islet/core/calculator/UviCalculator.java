package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.light.UvSource;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** UV index under a lamp, from one reading. */
@AutoService(Calculator.class)
public final class UviCalculator extends AbstractCalculator {
  public UviCalculator() {
    super(
        "uvi",
        "UV index under a lamp",
        "A point lamp falls off with d/r³, a tube with the sum of d²/r⁴ along it; scaled to one reading straight below its middle.",
        Evidence.published(
            "inverse square law with the cosine of incidence; a tube as a line of Lambertian elements"),
        List.of(
            Input.required("referenceUvi", "UV index read", Dimension.RATIO, 0, 1000),
            Input.length("referenceCm", "Read so far below"),
            Input.length("distanceCm", "Asked so far below"),
            Input.optional(
                "lampCm", "Length of the tube; 0 is a spot", Dimension.LENGTH, 0, 2000, 0),
            Input.optional("offsetCm", "Sideways along the lamp", Dimension.LENGTH, -2000, 2000, 0),
            Input.optional(
                "transmission", "Share that passes mesh or glass", Dimension.RATIO, 0, 1, 1)),
        List.of(new Output("uvi", "UV index", Dimension.RATIO)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    UvSource lamp = new UvSource(in.get("lampCm"));
    UvSource.Reading read = new UvSource.Reading(in.get("referenceUvi"), in.get("referenceCm"));
    return answer(
        in.get("transmission") * lamp.uvi(read, in.get("distanceCm"), in.get("offsetCm"), 0));
  }
}
