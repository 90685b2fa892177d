package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.UnitSystem;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Water in a box filled to a depth. */
@AutoService(Calculator.class)
public final class TankVolume extends AbstractCalculator {
  public TankVolume() {
    super(
        "tank-volume",
        "How much water is in it",
        "Inner length x width x water depth; 1 kg to the litre.",
        Evidence.published("geometry; US gallon by NIST SP 811, appendix B"),
        List.of(
            Input.length("lengthCm", "Inner length"),
            Input.length("widthCm", "Inner width"),
            Input.length("heightCm", "Inner height"),
            Input.length("waterDepthCm", "Water depth").orElse("heightCm")),
        List.of(
            new Output("volumeL", "Water", Dimension.VOLUME),
            new Output("usGallons", "In US gallons", Dimension.RATIO),
            new Output("footprintCm2", "Floor", Dimension.AREA),
            new Output("waterMassKg", "Mass of the water", Dimension.MASS_KG)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double depth = in.get("waterDepthCm");
    if (depth > in.get("heightCm")) {
      throw new RefusedException(
          "waterDepthCm",
          "waterDepthCm must be at most heightCm (%s cm) but was %s cm"
              .formatted(in.get("heightCm"), depth));
    }
    double footprint = in.get("lengthCm") * in.get("widthCm");
    double litres = footprint * depth / 1000;
    return answer(litres, Dimension.VOLUME.toUnit(litres, UnitSystem.US), footprint, litres);
  }
}
