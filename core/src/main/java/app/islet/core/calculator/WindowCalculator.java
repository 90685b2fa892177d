package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.DayWindow;
import app.islet.core.quantity.Range;
import com.google.auto.service.AutoService;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/** From when to when something is due that takes so many days. */
@AutoService(Calculator.class)
public final class WindowCalculator extends AbstractCalculator {
  private static final int MAX_DAYS = 3650;

  public WindowCalculator() {
    super(
        "window",
        "Window of days",
        "The day and the least and the most days after it, by the calendar.",
        Evidence.published("ISO 8601, proleptic Gregorian calendar"),
        List.of(
            Input.date("date", "From the day"),
            Input.whole("leastDays", "Days at least", 0, MAX_DAYS),
            Input.whole("mostDays", "Days at most", 0, MAX_DAYS)),
        List.of(Output.day("from", "From"), Output.day("to", "To")));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    double least = in.get("leastDays");
    double most = in.get("mostDays");
    if (most < least) {
      throw new RefusedException(
          "mostDays",
          "mostDays must be at least leastDays, %.0f, but was %.0f".formatted(least, most));
    }
    DayWindow window =
        DayWindow.after(LocalDate.ofEpochDay(Math.round(in.get("date"))), new Range(least, most));
    return answer(window.from().toEpochDay(), window.to().toEpochDay());
  }
}
