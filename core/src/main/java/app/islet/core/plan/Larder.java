package app.islet.core.plan;

import app.islet.core.care.FoodKeeping;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What is in stock against what is needed: how long it lasts, what spoils, what to buy by when. */
public final class Larder {
  private static final double NOTHING = 1e-9;

  private Larder() {}

  /**
   * Something in stock.
   *
   * @param amount pieces or grams, as the food is measured, on the day {@code from}
   * @param until the last day it is good: the best-before date, or sooner where it is open
   */
  public record Stock(double amount, LocalDate until) {}

  /** One time to buy: so much, by that day. */
  public record Buy(FoodAmount amount, LocalDate by) {}

  /**
   * One food.
   *
   * @param emptyOn the first day there is not enough; absent where the stock lasts
   * @param spoils what will not be eaten in time, pieces or grams
   * @param buy what to get; several times where it does not keep
   */
  public record Line(
      FoodNeeds.Need need, Optional<LocalDate> emptyOn, double spoils, List<Buy> buy) {
    public Line {
      buy = List.copyOf(buy);
    }
  }

  /**
   * What is good the shortest is eaten first.
   *
   * @param keeping how the food is kept; what nobody knows of keeps as long as is looked ahead
   */
  public static Line line(
      LocalDate from, FoodNeeds.Need need, List<Stock> stock, Optional<FoodKeeping> keeping) {
    List<Stock> order = stock.stream().sorted(Comparator.comparing(Stock::until)).toList();
    double[] left = order.stream().mapToDouble(Stock::amount).toArray();
    double spoils = 0;
    List<Double> missing = new ArrayList<>();
    Optional<LocalDate> empty = Optional.empty();
    for (int day = 0; day < need.byDay().size(); day++) {
      LocalDate on = from.plusDays(day);
      double wanted = need.byDay().get(day);
      for (int i = 0; i < left.length; i++) {
        if (order.get(i).until().isBefore(on)) {
          spoils += left[i];
          left[i] = 0;
        }
        double eaten = Math.min(left[i], wanted);
        left[i] -= eaten;
        wanted -= eaten;
      }
      missing.add(Math.max(0, wanted));
      if (wanted > NOTHING && empty.isEmpty()) {
        empty = Optional.of(on);
      }
    }
    int keeps = keeping.map(FoodKeeping::keepsDays).orElse(need.byDay().size());
    return new Line(need, empty, spoils, buys(from, need, missing, Math.max(1, keeps)));
  }

  /** Each purchase covers the days it keeps; it is made the day it is first needed, or before. */
  private static List<Buy> buys(
      LocalDate from, FoodNeeds.Need need, List<Double> missing, int keepsDays) {
    List<Buy> buys = new ArrayList<>();
    for (int day = 0; day < missing.size(); day++) {
      if (missing.get(day) > NOTHING) {
        int until = Math.min(missing.size(), day + keepsDays);
        double amount = missing.subList(day, until).stream().mapToDouble(d -> d).sum();
        buys.add(new Buy(need.amount(amount), from.plusDays(day)));
        day = until - 1;
      }
    }
    return buys;
  }
}
