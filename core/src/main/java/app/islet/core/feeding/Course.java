package app.islet.core.feeding;

import app.islet.core.care.Often;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Looks for an order of days in which every range of a menu holds: day by day what costs least, and
 * back where that leads to nothing. The foods of a day are the bits of a number, the first food of
 * the menu the lowest.
 */
final class Course {
  /** So long ago that it neither holds a food back nor has anybody waiting for it. */
  static final int NEVER = Integer.MIN_VALUE / 2;

  /** Beyond so many steps the order is taken that breaks least, and what breaks in it is told. */
  private static final int MAX_STEPS = 20_000;

  /** Days looked at beyond the last one that is settled. */
  private static final int LOOK_AHEAD = 62;

  private static final double WAITING = 0.2;

  private static final int NONE = -1;

  private final Menu menu;
  private final LocalDate from;
  private final int count;
  private final List<Menu.Line> lines;
  private final Ideals ideals;
  private final FeedingCalendar calendar;
  private final int[] known;
  private final int[][] times;
  private final int[] used;
  private final int[] chosen;
  private final Set<List<Integer>> dead = new HashSet<>();
  private final List<Rotation.Conflict> breaks = new ArrayList<>();
  private int steps;

  Course(Menu menu, LocalDate from, int count, Collection<Given> given, Ideals ideals) {
    this.menu = menu;
    this.from = from;
    this.count = count;
    this.lines = menu.turns();
    this.ideals = ideals;
    this.calendar = new FeedingCalendar(menu.days(), from, count + LOOK_AHEAD);
    this.times = new int[lines.size()][];
    this.used = new int[lines.size()];
    this.chosen = new int[count];
    for (int i = 0; i < lines.size(); i++) {
      int[] before = history(lines.get(i), given);
      times[i] = Arrays.copyOf(before, before.length + count);
      used[i] = before.length;
    }
    this.known = used.clone();
  }

  /**
   * Days of the last times it was given, counted from the first day and so negative; as many as its
   * range looks back.
   */
  private int[] history(Menu.Line line, Collection<Given> given) {
    int back = Math.max(line.often().least(), line.often().most());
    int[] real =
        given.stream()
            .filter(g -> g.food().equals(line.food()) && g.day().isBefore(from))
            .mapToInt(g -> (int) (g.day().toEpochDay() - from.toEpochDay()))
            .distinct()
            .sorted()
            .toArray();
    int some = Math.min(real.length, back);
    int[] last = new int[back];
    Arrays.fill(last, NEVER);
    System.arraycopy(real, real.length - some, last, back - some, some);
    return last;
  }

  /** The foods of each day, where every range holds. */
  Optional<int[]> search() {
    return settle(0) ? Optional.of(chosen.clone()) : Optional.empty();
  }

  private boolean settle(int day) {
    if (day == count) {
      return true;
    }
    if (++steps > MAX_STEPS || !dead.isEmpty() && dead.contains(state(day))) {
      return false;
    }
    Choices choices = choices(day);
    for (int foods = choices.next(); foods != NONE; foods = choices.next()) {
      give(day, foods);
      if (canGoOn(day) && settle(day + 1)) {
        return true;
      }
      takeBack(foods);
    }
    dead.add(state(day));
    return false;
  }

  private static boolean has(int foods, int i) {
    return (foods >> i & 1) == 1;
  }

  private void give(int day, int foods) {
    for (int i = 0; i < lines.size(); i++) {
      if (has(foods, i)) {
        times[i][used[i]++] = day;
      }
    }
    chosen[day] = foods;
  }

  private void takeBack(int foods) {
    for (int i = 0; i < lines.size(); i++) {
      if (has(foods, i)) {
        used[i]--;
      }
    }
  }

  /** The day, and when each food was given: what else happened matters no more. */
  private List<Integer> state(int day) {
    List<Integer> state = new ArrayList<>();
    state.add(day);
    for (int i = 0; i < lines.size(); i++) {
      for (int n = used[i] - known[i]; n < used[i]; n++) {
        state.add(times[i][n]);
      }
    }
    return state;
  }

  /**
   * The last day by which it must be given next, so that this time and those after it still come
   * inside its range: it is given once a day at most.
   */
  private int deadline(int i) {
    Often often = lines.get(i).often();
    int latest = Integer.MAX_VALUE;
    for (int n = 1; n <= often.least(); n++) {
      int earlier = times[i][used[i] - often.least() + n - 1];
      int due = earlier == NEVER ? often.leastDays() - 1 : earlier + often.leastDays();
      int limit = calendar.before(due, n);
      boolean missedBefore = earlier < 0 && earlier != NEVER;
      if (missedBefore) {
        // What was missed before the course began is made up as soon as it may be.
        limit = Math.max(limit, calendar.nextFrom(Math.max(earliest(i), 0)));
      }
      latest = Math.min(latest, limit);
    }
    return Math.max(latest, 0);
  }

  /** The first day on which it may be given again. */
  private int earliest(int i) {
    Often often = lines.get(i).often();
    int earlier = times[i][used[i] - often.most()];
    int last = times[i][used[i] - 1];
    return Math.max(earlier == NEVER ? NEVER : earlier + often.mostDays(), last + 1);
  }

  /** What may be given on a day; nothing at all where a food is too late already. */
  private Choices choices(int day) {
    if (!calendar.has(day)) {
      return Choices.fasting();
    }
    int must = 0;
    Choices choices = new Choices(menu.mostADay(), ideals.sharedDay());
    for (int i = 0; i < lines.size(); i++) {
      if (earliest(i) > day) {
        continue;
      }
      // No feeding day is left before it is too late.
      must |= calendar.nextFrom(day + 1) > deadline(i) ? 1 << i : 0;
      double late = (day - ideals.next(i, times[i][used[i] - 1], from)) / ideals.gap(i);
      choices.add(1 << i, Math.max(0, -late), late >= 0 ? WAITING + late : 0);
    }
    return choices.with(must);
  }

  /** Whether all that must be given by some day still fits on the feeding days until then. */
  private boolean canGoOn(int day) {
    int[] due = new int[lines.size()];
    for (int i = 0; i < due.length; i++) {
      due[i] = deadline(i);
      if (due[i] <= day) {
        return false;
      }
    }
    Arrays.sort(due);
    int room = 0;
    int at = 0;
    for (int next = day + 1; next < calendar.length() && at < due.length; next++) {
      room += calendar.has(next) ? menu.mostADay() : 0;
      while (at < due.length && due[at] <= next) {
        at++;
      }
      if (at > room) {
        return false;
      }
    }
    return true;
  }

  /** Day by day what is due, whatever breaks: for a menu that no order holds. */
  int[] best() {
    System.arraycopy(known, 0, used, 0, known.length);
    breaks.clear();
    for (int day = 0; day < count; day++) {
      give(day, calendar.has(day) ? mostUrgent(day) : 0);
      for (int i = 0; i < lines.size(); i++) {
        if (deadline(i) <= day && calendar.nextFrom(day + 1) < count) {
          breaks.add(conflict(i, day));
        }
      }
    }
    return chosen.clone();
  }

  private int mostUrgent(int day) {
    List<Integer> due = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      if (earliest(i) <= day && ideals.next(i, times[i][used[i] - 1], from) <= day) {
        due.add(i);
      }
    }
    due.sort((a, b) -> Integer.compare(deadline(a), deadline(b)));
    return due.stream().limit(menu.mostADay()).mapToInt(i -> 1 << i).sum();
  }

  private Rotation.Conflict conflict(int i, int day) {
    Menu.Line line = lines.get(i);
    return new Rotation.Conflict(
        line.food(),
        "%s %s: no room for it by %s without breaking another range."
            .formatted(line.food(), line.often().words(), English.day(from.plusDays(day))));
  }

  /** What breaks in the best order found, each food once. */
  List<Rotation.Conflict> broken() {
    List<Rotation.Conflict> all = new ArrayList<>();
    Set<String> told = new HashSet<>();
    breaks.stream().filter(c -> told.add(c.food())).forEach(all::add);
    return all.isEmpty()
        ? List.of(new Rotation.Conflict("", "No order of days was found that holds every range."))
        : all;
  }

  /** The places among the menu's turns of the foods of a day. */
  static List<Integer> places(int foods, int lines) {
    List<Integer> places = new ArrayList<>();
    for (int i = 0; i < lines; i++) {
      if (has(foods, i)) {
        places.add(i);
      }
    }
    return places;
  }
}
