package app.islet.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Everything to be done for one enclosure as it is now, in working order. */
public record Plan(List<Task> tasks) {
  public Plan {
    tasks =
        tasks.stream().sorted(Comparator.comparing(Task::kind).thenComparing(Task::key)).toList();
  }

  /** Minutes of work on an average day, roughly. */
  public double minutesADay() {
    return tasks.stream().mapToDouble(t -> t.minutes() * t.recurrence().timesADay()).sum();
  }

  public Optional<Task> task(String key) {
    return tasks.stream().filter(t -> t.key().equals(key)).findFirst();
  }
}
