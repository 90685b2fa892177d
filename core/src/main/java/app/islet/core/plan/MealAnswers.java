package app.islet.core.plan;

import app.islet.core.care.Often;
import app.islet.core.care.Role;
import app.islet.core.feeding.Menu;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** May it have that today? Answered for each food of an animal by what it was given. */
public final class MealAnswers {
  private MealAnswers() {}

  /**
   * The answer for one food.
   *
   * @param helping the food and its portion
   * @param next the day it comes next, or may come again; absent where none is in sight
   */
  public record Answer(String taskKey, Helping helping, State state, Optional<LocalDate> next) {}

  /** What the answer is. */
  public enum State {
    /** Its turn today. */
    DUE,
    /** Had it today. */
    GIVEN,
    /** Has eaten today: begging is not hunger. */
    FED,
    /** Was given too lately; a treat twice in its time is refused. */
    TOO_SOON,
    /** Nothing against it, but its turn comes later. */
    LATER
  }

  /**
   * @param plan of the animal's meals
   * @param lists what is due in the coming days, today's first; at least one day
   * @param history what was given, at least as far back as the longest range
   * @param fed whether it was fed today beside the rounds
   */
  public static List<Answer> of(
      Plan plan,
      LocalDate today,
      List<List<DueTask>> lists,
      List<Completion> history,
      boolean fed) {
    List<String> givenToday =
        history.stream()
            .filter(done -> done.day().equals(today) && !done.skipped())
            .map(Completion::taskKey)
            .toList();
    boolean eaten = fed || givenToday.stream().anyMatch(key -> plan.helpings().containsKey(key));
    List<Answer> answers = new ArrayList<>();
    for (Task task : plan.tasks()) {
      plan.helping(task)
          .ifPresent(
              helping -> {
                Optional<LocalDate> next = next(task.key(), today, lists);
                State state = state(plan, task, today, history, givenToday, eaten, next);
                answers.add(
                    new Answer(
                        task.key(),
                        helping,
                        state,
                        state == State.TOO_SOON ? again(plan, task, today, history) : next));
              });
    }
    return answers;
  }

  private static State state(
      Plan plan,
      Task task,
      LocalDate today,
      List<Completion> history,
      List<String> givenToday,
      boolean eaten,
      Optional<LocalDate> next) {
    if (givenToday.contains(task.key())) {
      return State.GIVEN;
    }
    if (next.filter(today::equals).isPresent()) {
      return State.DUE;
    }
    if (again(plan, task, today, history).isPresent()) {
      return State.TOO_SOON;
    }
    return eaten && !isAlways(plan, task) ? State.FED : State.LATER;
  }

  private static boolean isAlways(Plan plan, Task task) {
    return line(plan, task).filter(line -> line.role() == Role.ALWAYS).isPresent();
  }

  /** The first day on which one more is inside its range; absent where that is today. */
  private static Optional<LocalDate> again(
      Plan plan, Task task, LocalDate today, List<Completion> history) {
    Optional<Often> often = line(plan, task).map(Menu.Line::often);
    if (often.isEmpty()) {
      return Optional.empty();
    }
    int within = often.get().mostDays();
    List<LocalDate> recent =
        history.stream()
            .filter(done -> done.taskKey().equals(task.key()) && !done.skipped())
            .map(Completion::day)
            .filter(day -> day.isAfter(today.minusDays(within)) && !day.isAfter(today))
            .distinct()
            .sorted(Comparator.reverseOrder())
            .toList();
    int most = often.get().most();
    return recent.size() < most
        ? Optional.empty()
        : Optional.of(recent.get(most - 1).plusDays(within));
  }

  private static Optional<Menu.Line> line(Plan plan, Task task) {
    return plan.feedings().stream()
        .flatMap(feeding -> feeding.menu().lines().stream())
        .filter(line -> line.food().equals(task.key()))
        .findFirst();
  }

  private static Optional<LocalDate> next(String key, LocalDate today, List<List<DueTask>> lists) {
    for (int day = 0; day < lists.size(); day++) {
      boolean due =
          lists.get(day).stream().anyMatch(d -> d.task().key().equals(key) && !d.settled());
      if (due) {
        return Optional.of(today.plusDays(day));
      }
    }
    return Optional.empty();
  }
}
