package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.climate.Approach;
import app.islet.core.quantity.Dimension;
import java.util.List;
import java.util.Map;

/** How long a device takes from one temperature to another, up or down. */
abstract class ApproachCalculator extends AbstractCalculator {
  private final String powerKey;

  /** Where no device for a tank and no loss of one lead: such a loss is mistyped. */
  private static final double LOWEST_C = -100;

  private static final double HIGHEST_C = 200;

  private final boolean warms;

  ApproachCalculator(String id, String title, String powerKey, String power, boolean warms) {
    super(
        id,
        title,
        "Exponential approach: rho c V dT/dt = UA (room - T) %s P, 4186 J/kgK, 1 kg/L."
            .formatted(warms ? "+" : "-"),
        Evidence.published("closed form of the lumped heat balance"),
        List.of(
            Input.volume("volumeL", "Water"),
            Input.water("fromC", "From"),
            Input.water("toC", "To"),
            Input.air("roomC", "Room"),
            Input.above(
                "uaWPerK", "Heat passing for each kelvin, W/K", Dimension.RATIO, 0, 100_000),
            Input.required(powerKey, power, Dimension.POWER, 0, 1_000_000)),
        List.of(
            new Output("hours", "Takes", Dimension.HOURS),
            new Output("limitC", "Ends in the long run at", Dimension.TEMPERATURE)));
    this.powerKey = powerKey;
    this.warms = warms;
  }

  @Override
  public final Map<String, Double> compute(Values in) {
    double from = in.get("fromC");
    double to = in.get("toC");
    double power = in.get(powerKey);
    Approach water =
        new Approach(in.get("volumeL"), in.get("roomC"), in.get("uaWPerK"), warms ? power : -power);
    if (warms ? to < from : to > from) {
      throw new RefusedException(
          "toC",
          "toC must be at or %s fromC (%s °C), since it is %s, but was %s °C"
              .formatted(warms ? "above" : "below", from, warms ? "warmed" : "cooled", to));
    }
    double limit = water.limitC();
    if (limit < LOWEST_C || limit > HIGHEST_C) {
      throw new RefusedException(
          "uaWPerK",
          "uaWPerK must fit %s: at %s W/K the water would end at %.0f °C, which none does; a glass tank of 100 L loses about 5 W/K"
              .formatted(powerKey, in.get("uaWPerK"), limit));
    }
    if (!water.reaches(from, to)) {
      throw new RefusedException(
          "toC",
          "toC must be %s %s °C, where it ends in the long run, but was %s °C"
              .formatted(warms ? "below" : "above", water.limitC(), to));
    }
    return answer(water.hours(from, to), water.limitC());
  }
}
