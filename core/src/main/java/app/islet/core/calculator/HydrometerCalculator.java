package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.Hydrometer;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Salt from a hydrometer. */
@AutoService(Calculator.class)
public final class HydrometerCalculator extends AbstractCalculator {
  /** How far below fresh water a reading may lie: no glass is read finer. */
  private static final double READING = 0.0005;

  public HydrometerCalculator() {
    super(
        "hydrometer",
        "Salt from a hydrometer",
        "The reading is the density of the sample over that of pure water at the temperature the glass is marked for; solved for the salt.",
        Evidence.published("EOS-80, UNESCO technical papers in marine science 44, 1983"),
        List.of(
            Input.required("reading", "Reading, as 1.0210", Dimension.SPECIFIC_GRAVITY, 0.9, 1.1),
            Input.water("tempC", "Water it floats in"),
            Input.optional(
                "calibrationC", "The glass is marked for", Dimension.TEMPERATURE, -1.8, 40, 25)),
        List.of(new Output("salinityPpt", "Salt", Dimension.SALINITY)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double reading = in.get("reading");
    double tempC = in.get("tempC");
    double calibrationC = in.get("calibrationC");
    double fresh = Hydrometer.reading(0, tempC, calibrationC);
    double most = Hydrometer.reading(Hydrometer.MAX_PPT, tempC, calibrationC);
    if (reading < fresh - READING || reading > most) {
      throw new RefusedException(
          "reading",
          String.format(
              Locale.ROOT,
              "reading must be %.4f, which is fresh water at %s °C, to %.4f, which is %s g/kg, but was %s",
              fresh,
              tempC,
              most,
              Hydrometer.MAX_PPT,
              reading));
    }
    return answer(Hydrometer.salinityPpt(reading, tempC, calibrationC));
  }
}
