package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.light.DayLength;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/** Length of a day somewhere. */
@AutoService(Calculator.class)
public final class DaylightCalculator extends AbstractCalculator {
  public DaylightCalculator() {
    super(
        "daylight",
        "Length of the day",
        "Sunrise to sunset around local noon at sea level: upper limb, usual refraction. 24 or 0 where the sun does not set or rise.",
        Evidence.published("commons-suncalc; checked against almanac tables"),
        List.of(
            Input.date("date", "Day"),
            Input.required("latitude", "Latitude, north positive", Dimension.ANGLE, -90, 90),
            Input.required("longitude", "Longitude, east positive", Dimension.ANGLE, -180, 180)),
        List.of(new Output("daylightHours", "Daylight", Dimension.HOURS)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    return answer(
        DayLength.on(
                LocalDate.ofEpochDay((long) in.get("date")),
                in.get("latitude"),
                in.get("longitude"))
            .hours());
  }
}
