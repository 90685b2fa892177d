package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.SaltMix;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Salt to bring water to a salinity. */
@AutoService(Calculator.class)
public final class SaltMixCalculator extends AbstractCalculator {
  public SaltMixCalculator() {
    super(
        "salt-mix",
        "Salt to mix",
        "Dry, pure sea salt by weight: mass of the water x (to - from) / (1000 - to). Marine salt, never table salt; bought salt is moist, so measure afterwards.",
        Evidence.published("conservation of mass; density after EOS-80"),
        List.of(
            Input.volume("volumeL", "Water, before the salt"),
            Input.salinity("fromPpt", "Salt in it now"),
            Input.required("toPpt", "Target salinity", Dimension.SALINITY, 0, 80),
            Input.optional("tempC", "Water", Dimension.TEMPERATURE, -1.8, 40, 25)),
        List.of(new Output("saltG", "Salt", Dimension.MASS)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double from = in.get("fromPpt");
    double to = in.get("toPpt");
    if (to < from) {
      throw new RefusedException(
          "toPpt",
          "toPpt must be at least fromPpt (%s g/kg), since salt only adds, but was %s g/kg; water is made less salt by fresh water"
              .formatted(from, to));
    }
    return answer(SaltMix.saltG(in.get("volumeL"), from, to, in.get("tempC")));
  }
}
