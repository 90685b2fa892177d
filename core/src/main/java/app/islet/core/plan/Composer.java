package app.islet.core.plan;

import app.islet.core.quantity.Phrase;
import app.islet.core.review.Acceptance;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Makes one list out of a day's routine and what Islet knows beside it. A hold takes what it names
 * off the list, and what a lesser advice asks of the same kind; of two that ask for one act there
 * is one, the graver. The order in which advice arrives does not matter.
 */
final class Composer {
  private static final Comparator<Advice> GRAVEST_FIRST =
      Comparator.comparing(Advice::urgency)
          .thenComparing(advice -> advice.task().key())
          .thenComparing(advice -> advice.task().amount().toString())
          .thenComparing(advice -> advice.task().how().toString());

  private Composer() {}

  /**
   * @param today what was done and skipped that day
   */
  static List<DueTask> compose(
      LocalDate day, List<DueTask> routine, List<Advice> active, List<Completion> today) {
    if (active.isEmpty()) {
      return routine;
    }
    List<Advice> holds = new ArrayList<>();
    List<Advice> kept =
        active.stream()
            .filter(a -> active.stream().noneMatch(o -> !o.isDeclinedOn(day) && o.covers(a)))
            .toList();
    List<DueTask> declined = new ArrayList<>();
    Map<String, Task> asked = new LinkedHashMap<>();
    for (Advice advice : kept.stream().sorted(GRAVEST_FIRST).toList()) {
      if (advice.isDeclinedOn(day)) {
        declined.add(declined(advice));
      } else if (holds.stream().noneMatch(h -> h.stops(advice.task()))) {
        asked.putIfAbsent(advice.task().key(), advice.task());
        holds.add(advice);
      }
    }
    List<DueTask> list = new ArrayList<>();
    for (DueTask due : routine) {
      Task other = asked.remove(due.task().key());
      if (other != null) {
        list.add(DueTask.of(other, due.slot(), due.daysLate(), due.settled()));
      } else if (due.settled() || holds.stream().noneMatch(hold -> hold.stops(due.task()))) {
        list.add(due);
      }
    }
    asked.values().forEach(task -> list.add(DueTask.of(task, 1, 0, isSettled(task, today))));
    list.addAll(declined);
    return list;
  }

  /** It stays on the list, and on paper, with the word of whom answers for it. */
  private static DueTask declined(Advice advice) {
    Acceptance word = advice.declined().orElseThrow();
    return new DueTask(
        advice.task(),
        1,
        0,
        1,
        Phrase.of("Declined until {}: {}", English.shortDay(word.askAgain()), word.reason()),
        true);
  }

  private static boolean isSettled(Task task, List<Completion> today) {
    return today.stream().anyMatch(c -> c.taskKey().equals(task.key()));
  }
}
