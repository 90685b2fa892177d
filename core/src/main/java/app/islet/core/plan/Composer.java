package app.islet.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Makes one list out of a day's routine and what Islet knows beside it. A hold takes what it names
 * off the list, and what a lesser advice asks of the same kind; of two that ask for one act there
 * is one, the graver. The order in which advice arrives does not matter.
 */
final class Composer {
  private static final Comparator<Advice> GRAVEST_FIRST =
      Comparator.comparing(Advice::urgency)
          .thenComparing(advice -> advice.task().key())
          .thenComparing(advice -> advice.task().amount().toString());

  private Composer() {}

  /**
   * @param today what was done and skipped that day; a hold that was skipped is declined
   */
  static List<DueTask> compose(List<DueTask> routine, List<Advice> active, List<Completion> today) {
    if (active.isEmpty()) {
      return routine;
    }
    Set<TaskKind> stopped = EnumSet.noneOf(TaskKind.class);
    Map<String, Task> asked = new LinkedHashMap<>();
    for (Advice advice : active.stream().sorted(GRAVEST_FIRST).toList()) {
      if (!stopped.contains(advice.task().kind())) {
        asked.putIfAbsent(advice.task().key(), advice.task());
        if (!isDeclined(advice, today)) {
          stopped.addAll(advice.stops());
        }
      }
    }
    List<DueTask> list = new ArrayList<>();
    for (DueTask due : routine) {
      Task other = asked.remove(due.task().key());
      if (other != null) {
        list.add(DueTask.of(other, due.slot(), due.daysLate(), due.settled()));
      } else if (due.settled() || !stopped.contains(due.task().kind())) {
        list.add(due);
      }
    }
    asked.values().forEach(task -> list.add(DueTask.of(task, 1, 0, isSettled(task, today))));
    return list;
  }

  private static boolean isDeclined(Advice advice, List<Completion> today) {
    return today.stream().anyMatch(c -> c.skipped() && c.taskKey().equals(advice.task().key()));
  }

  private static boolean isSettled(Task task, List<Completion> today) {
    return today.stream().anyMatch(c -> c.taskKey().equals(task.key()));
  }
}
