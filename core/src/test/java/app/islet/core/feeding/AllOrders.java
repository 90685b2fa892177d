package app.islet.core.feeding;

import app.islet.core.care.Often;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Tries every order of days there is, by plain counting: no beats, no costs, no looking ahead. What
 * was given in the last week is a number for each food, a bit a day.
 */
final class AllOrders {
  static final int DAYS = 14;
  private static final int WEEK = (1 << 7) - 1;

  private AllOrders() {}

  static boolean any(Menu menu, LocalDate from) {
    Set<List<Integer>> reached = new HashSet<>();
    List<Integer> nothing = new ArrayList<>();
    menu.turns().forEach(line -> nothing.add(0));
    reached.add(nothing);
    for (int day = 0; day < DAYS && !reached.isEmpty(); day++) {
      Set<List<Integer>> next = new HashSet<>();
      int most = menu.days().has(from.plusDays(day)) ? menu.mostADay() : 0;
      for (List<Integer> state : reached) {
        for (int foods = 0; foods < 1 << menu.turns().size(); foods++) {
          if (Integer.bitCount(foods) <= most) {
            add(menu, state, foods, day, next);
          }
        }
      }
      reached = next;
    }
    return !reached.isEmpty();
  }

  private static void add(
      Menu menu, List<Integer> state, int foods, int day, Set<List<Integer>> next) {
    List<Integer> then = new ArrayList<>();
    for (int i = 0; i < state.size(); i++) {
      int given = (state.get(i) << 1 | foods >> i & 1) & WEEK;
      Often often = menu.turns().get(i).often();
      boolean enough =
          day + 1 < often.leastDays() || last(given, often.leastDays()) >= often.least();
      if (!enough || last(given, often.mostDays()) > often.most()) {
        return;
      }
      then.add(given);
    }
    next.add(then);
  }

  private static int last(int given, int days) {
    return Integer.bitCount(given & (1 << days) - 1);
  }
}
