package app.islet.core.build;

import app.islet.core.animal.Resident;
import app.islet.core.care.Food;
import app.islet.core.plan.FoodAmount;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;

/** What the menus of an enclosure ask for in a month, each food at the middle of its range. */
final class MonthOfFood {
  private static final double DAYS = 30.4;

  private MonthOfFood() {}

  /** By name; what one animal gets counted and another weighed is told twice. */
  static List<FoodAmount> of(HusbandryState s) {
    TreeMap<String, FoodAmount> sums = new TreeMap<>();
    for (Resident r : s.residents()) {
      for (Food food : r.foods()) {
        FoodAmount amount = month(r, food);
        sums.merge(key(amount), amount, FoodAmount::plus);
      }
    }
    return List.copyOf(sums.values());
  }

  private static FoodAmount month(Resident r, Food food) {
    boolean counted = food.portion().pieces().isPresent();
    double once =
        counted ? food.portion().pieces().getAsDouble() : food.gramsFor(r.bodyG()).orElseThrow();
    return new FoodAmount(
        food.name(),
        counted,
        counted ? food.portion().unit() : "",
        once * r.count() * food.turn().timesADay() * DAYS);
  }

  static String key(FoodAmount amount) {
    String slug = amount.food().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    return "food-" + slug + (amount.counted() ? "-pieces" : "");
  }
}
