package app.islet.core.rearing;

import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * Share of a batch alive by its age. Whoever leaves alive (sold, given) is counted until that day
 * and then no more, whoever joins from then on.
 *
 * @param steps the share after each day on which it fell, the first day at 1
 * @see "Kaplan, E. L. and Meier, P. (1958), J. Am. Stat. Assoc. 53, 457-481"
 */
public record SurvivalCurve(List<Step> steps, int lastDay) {
  /**
   * @param day age in days
   * @param share alive from that day on, 0 to 1
   */
  public record Step(int day, double share) {}

  public SurvivalCurve {
    steps = List.copyOf(steps);
  }

  /** What happened on one day of its age. */
  private static final class Day {
    private int came;
    private int lost;
    private int left;
  }

  /**
   * @param movements of the whole batch, those singled out among them
   * @param last day up to which is looked
   */
  public static SurvivalCurve of(Collection<Movement> movements, LocalDate began, LocalDate last) {
    NavigableMap<Integer, Day> days = new TreeMap<>();
    for (Movement m : movements) {
      if (!m.day().isAfter(last)) {
        int age = (int) Math.max(0, ChronoUnit.DAYS.between(began, m.day()));
        post(days.computeIfAbsent(age, d -> new Day()), m.from(), -m.count());
        post(days.computeIfAbsent(age, d -> new Day()), m.to(), m.count());
      }
    }
    List<Step> steps = new ArrayList<>(List.of(new Step(0, 1)));
    double share = 1;
    int alive = 0;
    for (Map.Entry<Integer, Day> entry : days.entrySet()) {
      Day day = entry.getValue();
      int atRisk = alive + day.came;
      if (day.lost > 0 && atRisk > 0) {
        share *= 1 - (double) day.lost / atRisk;
        steps.add(new Step(entry.getKey(), share));
      }
      alive = atRisk - day.lost - day.left;
    }
    return new SurvivalCurve(steps, (int) Math.max(0, ChronoUnit.DAYS.between(began, last)));
  }

  private static void post(Day day, Place place, int by) {
    switch (place.kind()) {
      case BEGUN -> day.came -= by;
      case KEPT, OTHER -> {}
      case DIED, ESCAPED, GONE -> day.lost += by;
      default -> day.left += by;
    }
  }

  /** Share alive at an age in days. */
  public double at(int day) {
    double share = 1;
    for (Step step : steps) {
      if (step.day() <= day) {
        share = step.share();
      }
    }
    return share;
  }
}
