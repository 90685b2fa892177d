package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.Food;
import app.islet.core.care.OwnMenu;
import app.islet.core.feeding.FeedingDays;
import app.islet.core.feeding.Given;
import app.islet.core.feeding.Menu;
import app.islet.core.feeding.MenuSum;
import app.islet.core.feeding.Rotation;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/** The foods of some animals that take turns, by the keys of their tasks. */
public record Feeding(Menu menu, Rotation rotation) {
  /** Days for which it is looked ahead when one is asked for, so that no range breaks after it. */
  private static final int AHEAD = 28;

  /** A Monday, from which the weeks of a sheet's menu are counted. */
  private static final LocalDate FIRST_MONDAY = LocalDate.of(1970, 1, 5);

  /** Of animals whose foods have ranges; nothing where each food has days of its own. */
  static Optional<Feeding> of(Resident r, LocalDate day, Function<Food, String> keyOf) {
    List<Menu.Line> lines = new ArrayList<>();
    for (Food food : r.foods()) {
      String key = keyOf.apply(food);
      // Names that differ in signs only are one task.
      boolean there = lines.stream().anyMatch(line -> line.food().equals(key));
      if (!there) {
        food.turn()
            .often()
            .ifPresent(often -> lines.add(new Menu.Line(key, food.turn().role(), often)));
      }
    }
    if (lines.isEmpty()) {
      return Optional.empty();
    }
    Menu menu = new Menu(lines, days(r), Menu.USUAL_MOST_A_DAY);
    return Optional.of(new Feeding(menu, Rotation.of(menu, day)));
  }

  private static FeedingDays days(Resident r) {
    return r.ownMenu()
        .map((OwnMenu own) -> new FeedingDays(1, own.since(), own.fasting()))
        .orElse(new FeedingDays(1, FIRST_MONDAY, Set.of()));
  }

  /** Whether the food of that task takes turns here. */
  boolean has(String taskKey) {
    return menu.lines().stream().anyMatch(line -> line.food().equals(taskKey));
  }

  /** How often that food is given, in words. */
  String rhythm(String taskKey) {
    return menu.lines().stream()
        .filter(line -> line.food().equals(taskKey))
        .map(line -> line.often().words())
        .findFirst()
        .orElse("");
  }

  /** What is given on a day, by what was given before it. */
  Rotation.Day on(LocalDate day, List<Completion> history) {
    List<Given> given =
        history.stream()
            .filter(done -> has(done.taskKey()))
            .map(done -> new Given(done.taskKey(), done.day()))
            .toList();
    List<Rotation.Day> days = rotation.days(day, AHEAD, given);
    return days.isEmpty() ? new Rotation.Day(day, List.of()) : days.get(0);
  }

  public MenuSum sum() {
    return MenuSum.of(menu);
  }
}
