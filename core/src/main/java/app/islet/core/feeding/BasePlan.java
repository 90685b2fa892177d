package app.islet.core.feeding;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The order of a year as if nothing were ever skipped or given besides. What was done otherwise
 * goes back to it as soon as the ranges allow, so that one meal more or less moves little.
 */
final class BasePlan implements Ideals {
  /** Fifty-two weeks: after so many it begins anew, from the same weekday. */
  private static final int YEAR_DAYS = 364;

  /** Looked over the end of the year. */
  private static final int MORE_DAYS = 62;

  private static final double SHARED_DAY = 0.1;

  private final LocalDate first;
  private final int[][] days;
  private final Beats beats;
  private final List<Rotation.Conflict> broken;

  private BasePlan(LocalDate first, int[][] days, Beats beats, List<Rotation.Conflict> broken) {
    this.first = first;
    this.days = days;
    this.beats = beats;
    this.broken = broken;
  }

  /** Of the year that day lies in, counted from the day the menu began. */
  static BasePlan of(Menu menu, LocalDate day) {
    long since = ChronoUnit.DAYS.between(menu.days().from(), day);
    LocalDate first = menu.days().from().plusDays(YEAR_DAYS * Math.floorDiv(since, YEAR_DAYS));
    Beats beats = Beats.of(menu);
    Course course = new Course(menu, first, YEAR_DAYS + MORE_DAYS, List.of(), beats);
    Optional<int[]> found = course.search();
    int[] foods = found.orElseGet(course::best);
    int[][] days = new int[menu.turns().size()][];
    for (int i = 0; i < days.length; i++) {
      days[i] = daysOf(i, foods);
    }
    return new BasePlan(first, days, beats, found.isPresent() ? List.of() : course.broken());
  }

  private static int[] daysOf(int line, int[] foods) {
    List<Integer> its = new ArrayList<>();
    for (int day = 0; day < foods.length; day++) {
      if ((foods[day] >> line & 1) == 1) {
        its.add(day);
      }
    }
    return its.stream().mapToInt(Integer::intValue).toArray();
  }

  List<Rotation.Conflict> broken() {
    return broken;
  }

  @Override
  public int next(int line, int last, LocalDate from) {
    int moved = (int) ChronoUnit.DAYS.between(first, from);
    // What was passed over is not made up, unless its range asks for it: then nothing else moves.
    int after = Math.max(last, -1) + moved;
    int at = Arrays.binarySearch(days[line], after + 1);
    int index = at < 0 ? -at - 1 : at;
    return index < days[line].length ? days[line][index] - moved : beats.next(line, last, from);
  }

  @Override
  public double gap(int line) {
    return beats.gap(line);
  }

  /** What is made up shares a day with what was meant for it, so that nothing else moves. */
  @Override
  public double sharedDay() {
    return SHARED_DAY;
  }
}
