package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.light.Moon;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;

/** How much of the moon is lit. */
@AutoService(Calculator.class)
public final class MoonCalculator extends AbstractCalculator {
  public MoonCalculator() {
    super(
        "moon",
        "The moon",
        "Share of the disc that is lit at 0 h UTC, seen from the middle of the earth.",
        Evidence.published("Meeus, Astronomical Algorithms, chapters 47 and 48"),
        List.of(Input.date("date", "Day")),
        List.of(
            new Output("illuminated", "Share lit", Dimension.RATIO),
            Output.flag("waxing", "Waxing")));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    Moon moon =
        Moon.at(
            LocalDate.ofEpochDay((long) in.get("date")).atStartOfDay(ZoneOffset.UTC).toInstant());
    return answer(moon.illuminated(), moon.waxing() ? 1 : 0);
  }
}
