package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.plan.Labour;
import app.islet.core.quantity.Dimension;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** Minutes a day and hours over a time, for so many tubs. */
@AutoService(Calculator.class)
public final class LabourCalculator extends AbstractCalculator {
  public LabourCalculator() {
    super(
        "labour",
        "What it costs in time",
        "Units times minutes each, on every so manyth day.",
        Evidence.published("definition"),
        List.of(
            Input.whole("units", "Tubs or enclosures", 1, 100_000),
            Input.above("minutesEach", "Minutes for each", Dimension.RATIO, 0, 1440),
            Input.above("days", "Over days", Dimension.DAYS, 0, 3650),
            Input.above("everyDays", "Every so many days", Dimension.DAYS, 0, 365).orDefault(1)),
        List.of(
            new Output("minutesPerDay", "Minutes a day", Dimension.RATIO),
            new Output("hoursTotal", "Hours in all", Dimension.HOURS)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double perDay = Labour.minutesADay(in.get("units"), in.get("minutesEach"), in.get("everyDays"));
    return answer(perDay, Labour.hours(perDay, in.get("days")));
  }
}
