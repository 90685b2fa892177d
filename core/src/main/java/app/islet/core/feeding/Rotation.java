package app.islet.core.feeding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * Which foods of a menu fall on which day: each inside its range, evenly spread, no day with more
 * than its portion.
 *
 * <p>Each food has a beat, days spread as evenly as its rate allows. From these the order of a year
 * is made once; where too much falls on one day, what can wait waits, and where that breaks a range
 * the days before are looked through again. The coming days follow it from what was really given.
 * The same menu and the same meals always give the same days.
 */
public final class Rotation {
  private final Menu menu;
  private final Optional<BasePlan> base;
  private final List<Conflict> broken;

  /**
   * One day.
   *
   * @param foods what is given, in the order of the menu; they share one portion equally
   */
  public record Day(LocalDate day, List<String> foods) {
    public Day {
      foods = List.copyOf(foods);
    }

    /** Of the day's portion for each of them. */
    public double share() {
      return foods.isEmpty() ? 0 : 1.0 / foods.size();
    }
  }

  /** A range that cannot be held, and why. */
  public record Conflict(String food, String why) {}

  private Rotation(Menu menu, Optional<BasePlan> base, List<Conflict> broken) {
    this.menu = menu;
    this.base = base;
    this.broken = List.copyOf(broken);
  }

  /**
   * @param day about which it is asked: the order of its year is made now
   */
  public static Rotation of(Menu menu, LocalDate day) {
    List<Conflict> impossible = MenuSum.of(menu).conflicts();
    if (!impossible.isEmpty() || menu.turns().isEmpty()) {
      return new Rotation(menu, Optional.empty(), impossible);
    }
    BasePlan base = BasePlan.of(menu, day);
    return new Rotation(menu, Optional.of(base), base.broken());
  }

  /** What cannot be held of the menu; nothing where every range is. */
  public List<Conflict> broken() {
    return broken;
  }

  public boolean holds() {
    return broken.isEmpty();
  }

  /**
   * The days from one on, those without food too; none where the ranges contradict each other.
   *
   * @param count how many days, 1 or more
   * @param given before that day, in any order
   */
  public List<Day> days(LocalDate from, int count, Collection<Given> given) {
    if (base.isEmpty()) {
      return List.of();
    }
    Course course = new Course(menu, from, count, given, base.get());
    int[] foods = course.search().orElseGet(course::best);
    List<Menu.Line> turns = menu.turns();
    List<Day> days = new ArrayList<>();
    for (int n = 0; n < count; n++) {
      days.add(
          new Day(
              from.plusDays(n),
              Course.places(foods[n], turns.size()).stream()
                  .map(i -> turns.get(i).food())
                  .toList()));
    }
    return days;
  }
}
