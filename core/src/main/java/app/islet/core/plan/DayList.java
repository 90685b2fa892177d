package app.islet.core.plan;

import app.islet.core.care.Recurrence;
import app.islet.core.quantity.Phrase;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What is due on a day, given what was done before it.
 *
 * <p>Daily tasks and fixed weekdays fall due on their days and pass when missed: two meals are not
 * given at once. Tasks with an interval count from the last time they were done, as logged or as
 * the design tells, else from the day the plan began, and wait until they are.
 */
public final class DayList {
  private static final int RARE_DAYS = 5;
  private static final int HALF_A_WEEK = 3;

  private DayList() {}

  /**
   * @param start the day the plan began; the first round of every interval is due that day
   * @param history what was done, in any order
   */
  public static List<DueTask> on(
      LocalDate day, Plan plan, LocalDate start, List<Completion> history) {
    return on(day, plan, start, history, Map.of());
  }

  /**
   * @param planned by the key of a task the day its next time was put on
   */
  public static List<DueTask> on(
      LocalDate day,
      Plan plan,
      LocalDate start,
      List<Completion> history,
      Map<String, PlannedDay> planned) {
    List<DueTask> list = new ArrayList<>();
    for (Task task : plan.tasks()) {
      if (plan.feeding(task).isPresent()) {
        continue;
      }
      for (int slot = 1; slot <= task.recurrence().perDay(); slot++) {
        due(day, task, slot, start, history, Optional.ofNullable(planned.get(task.key())))
            .ifPresent(list::add);
      }
    }
    if (!day.isBefore(start)) {
      plan.feedings().forEach(feeding -> addTurns(day, plan, feeding, history, list));
    }
    list.removeIf(due -> isWithoutMeal(due, plan, list));
    List<DueTask> all = new ArrayList<>(composed(day, plan, history, list));
    all.sort(
        Comparator.comparing((DueTask d) -> d.task().kind()).thenComparing(d -> d.task().key()));
    apart(all);
    return all;
  }

  private static List<DueTask> composed(
      LocalDate day, Plan plan, List<Completion> history, List<DueTask> routine) {
    return Composer.compose(
        day,
        routine,
        plan.advice(day),
        history.stream().filter(done -> done.day().equals(day)).toList());
  }

  /** A powder on the food waits for a day on which there is some. */
  private static boolean isWithoutMeal(DueTask due, Plan plan, List<DueTask> list) {
    Task task = due.task();
    if (task.kind() != TaskKind.SUPPLEMENT || due.settled() || !task.recurrence().waits()) {
      return false;
    }
    String animal = task.key().split(":")[1];
    String meal = MealTasks.FEED + animal + ":";
    return plan.tasks().stream().anyMatch(t -> t.key().startsWith(meal))
        && list.stream().noneMatch(d -> d.task().key().startsWith(meal));
  }

  /**
   * Foods that share the day's portion. What was given today counts; and where something else than
   * was meant was given, that was the day's food: begging is not hunger.
   */
  private static void addTurns(
      LocalDate day, Plan plan, Feeding feeding, List<Completion> history, List<DueTask> list) {
    List<String> done =
        history.stream()
            .filter(d -> d.day().equals(day) && feeding.has(d.taskKey()))
            .map(Completion::taskKey)
            .distinct()
            .toList();
    List<String> meant = feeding.on(day, history).foods();
    List<String> all = meant.containsAll(done) ? meant : done;
    for (String key : all) {
      Task task = plan.task(key).orElseThrow();
      double share = 1.0 / all.size();
      Phrase amount = plan.helping(task).map(helping -> helping.words(share)).orElse(task.amount());
      list.add(new DueTask(task, 1, 0, share, amount, done.contains(key)));
    }
  }

  /**
   * A large change takes bacteria, and so does care of the filter: never both on one day. The
   * filter waits a day for the change, or the change for a filter that was cared for already; a
   * change that is long overdue does not hold the filter up.
   */
  private static void apart(List<DueTask> list) {
    boolean cared = list.stream().anyMatch(d -> isFilterCare(d) && d.settled());
    boolean changes = list.stream().anyMatch(d -> isLarge(d) && (d.settled() || d.daysLate() == 0));
    list.removeIf(
        d -> !d.settled() && (cared && isLarge(d) || !cared && changes && isFilterCare(d)));
  }

  private static boolean isLarge(DueTask due) {
    return due.task().key().equals(Planner.LARGE_CHANGE);
  }

  private static boolean isFilterCare(DueTask due) {
    return due.task().kind() == TaskKind.RINSE_FILTER || due.task().kind() == TaskKind.NEW_MEDIA;
  }

  /** The list of each of the next {@code days} days, taking it that everything is done in time. */
  public static List<List<DueTask>> coming(
      LocalDate from, int days, Plan plan, LocalDate start, List<Completion> history) {
    return coming(from, days, plan, start, history, Map.of());
  }

  /**
   * @param planned by the key of a task the day its next time was put on
   */
  public static List<List<DueTask>> coming(
      LocalDate from,
      int days,
      Plan plan,
      LocalDate start,
      List<Completion> history,
      Map<String, PlannedDay> planned) {
    List<Completion> assumed = new ArrayList<>(history);
    return IntStream.range(0, days)
        .mapToObj(
            i -> {
              LocalDate day = from.plusDays(i);
              List<DueTask> list = on(day, plan, start, assumed, planned);
              list.stream()
                  .filter(due -> !due.settled())
                  .forEach(
                      due -> assumed.add(new Completion(due.task().key(), day, due.slot(), false)));
              return list;
            })
        .toList();
  }

  private static Optional<DueTask> due(
      LocalDate day,
      Task task,
      int slot,
      LocalDate start,
      List<Completion> history,
      Optional<PlannedDay> planned) {
    boolean settled = history.stream().anyMatch(d -> matches(d, task, slot) && d.day().equals(day));
    if (settled) {
      return Optional.of(DueTask.of(task, slot, 0, true));
    }
    Recurrence recurrence = task.recurrence();
    if (day.isBefore(start)) {
      return Optional.empty();
    }
    if (!recurrence.weekdays().isEmpty()) {
      return recurrence.weekdays().contains(day.getDayOfWeek())
          ? Optional.of(DueTask.of(task, slot, 0, false))
          : Optional.empty();
    }
    if (!recurrence.waits()) {
      return Optional.of(DueTask.of(task, slot, 0, false));
    }
    Optional<LocalDate> last = last(day, task, slot, history);
    LocalDate next =
        planned
            .filter(p -> p.after().equals(last))
            .map(PlannedDay::day)
            .orElseGet(() -> next(task, last, start));
    return next.isAfter(day)
        ? Optional.empty()
        : Optional.of(DueTask.of(task, slot, daysLate(task, next, day, last), false));
  }

  /**
   * Dishes nobody ever logged were filled all the same: they are due, and how late is not known.
   */
  private static int daysLate(Task task, LocalDate next, LocalDate day, Optional<LocalDate> last) {
    boolean ofDishes = task.kind() == TaskKind.REFILL || task.kind() == TaskKind.MIX;
    return ofDishes && last.isEmpty() ? 0 : (int) ChronoUnit.DAYS.between(next, day);
  }

  /**
   * When a task was done last, and falls due again.
   *
   * @param last absent where it never was
   */
  public record Next(Optional<LocalDate> last, LocalDate due) {}

  /**
   * @param before the day before which it was done last
   */
  public static Next next(LocalDate before, Task task, LocalDate start, List<Completion> history) {
    Optional<LocalDate> last = last(before, task, 1, history);
    return new Next(last, next(task, last, start));
  }

  /**
   * The next time put on a weekday: the one nearest to the day it falls due, never the day it was
   * done last.
   *
   * @return nothing for what comes more often than every five days: there the weekday changes
   */
  public static Optional<PlannedDay> onWeekday(
      LocalDate day, Task task, DayOfWeek weekday, LocalDate start, List<Completion> history) {
    if (task.recurrence().everyDays() < RARE_DAYS) {
      return Optional.empty();
    }
    Next next = next(day, task, start, history);
    LocalDate nearest =
        next.due().minusDays(HALF_A_WEEK).with(TemporalAdjusters.nextOrSame(weekday));
    return Optional.of(new PlannedDay(next.last(), nearest));
  }

  /** When it was done last before a day, as logged or as the design tells. */
  static Optional<LocalDate> last(LocalDate day, Task task, int slot, List<Completion> history) {
    return Stream.concat(
            history.stream().filter(d -> matches(d, task, slot)).map(Completion::day),
            task.lastKnown().stream())
        .filter(done -> done.isBefore(day))
        .max(Comparator.naturalOrder());
  }

  /** When it falls due after it was done last. */
  static LocalDate next(Task task, Optional<LocalDate> last, LocalDate start) {
    return last.map(done -> done.plusDays(task.recurrence().everyDays()))
        .orElse(firstDue(task, start));
  }

  /**
   * Meals and cleaning begin at once; a tube or a filter that is new waits its first interval. Salt
   * water is mixed the day before it is used.
   */
  private static LocalDate firstDue(Task task, LocalDate start) {
    if (task.kind() == TaskKind.MIX) {
      return start.plusDays(task.recurrence().everyDays() - 1L);
    }
    boolean atOnce =
        task.kind() == TaskKind.FEED
            || task.kind() == TaskKind.SPOT_CLEAN
            || task.kind() == TaskKind.MIST
            || task.kind() == TaskKind.TEST
            || task.kind() == TaskKind.MEASURE;
    return atOnce ? start : start.plusDays(task.recurrence().everyDays());
  }

  private static boolean matches(Completion done, Task task, int slot) {
    return done.taskKey().equals(task.key()) && done.slot() == slot;
  }
}
