package app.islet.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What the animals of several enclosures eat in the coming days. */
public final class FoodNeeds {
  private FoodNeeds() {}

  /**
   * One food.
   *
   * @param sample the food and its measure; the amount says nothing
   * @param byDay what is needed on each day, the first day's first: pieces, or grams
   */
  public record Need(FoodAmount sample, List<Double> byDay) {
    public Need {
      byDay = List.copyOf(byDay);
    }

    public String food() {
      return sample.food();
    }

    public FoodAmount total() {
      return amount(byDay.stream().mapToDouble(d -> d).sum());
    }

    public FoodAmount amount(double some) {
      return sample.of(some);
    }

    /** On an average day. */
    public double aDay() {
      return byDay.stream().mapToDouble(d -> d).average().orElse(0);
    }
  }

  /** A plan with the lists of the same coming days. */
  public record Coming(Plan plan, List<List<DueTask>> days) {}

  /** By name; a food that one animal gets counted and another weighed is told twice. */
  public static List<Need> of(List<Coming> enclosures, int days) {
    Map<String, Sum> sums = new TreeMap<>();
    for (Coming enclosure : enclosures) {
      for (int day = 0; day < days; day++) {
        for (DueTask due : enclosure.days().get(day)) {
          int on = day;
          enclosure
              .plan()
              .helping(due.task())
              .map(helping -> helping.amount(due.share()))
              .ifPresent(
                  amount ->
                      sums.computeIfAbsent(
                                  amount.food() + "\n" + amount.counted(),
                                  k -> new Sum(amount, new double[days]))
                              .byDay[on] +=
                          amount.amount());
        }
      }
    }
    List<Need> needs = new ArrayList<>();
    sums.values()
        .forEach(sum -> needs.add(new Need(sum.sample, Arrays.stream(sum.byDay).boxed().toList())));
    return needs;
  }

  private record Sum(FoodAmount sample, double[] byDay) {}
}
