package app.islet.core.plan;

import app.islet.core.quantity.Phrase;
import app.islet.core.review.Acceptance;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Everything to be done for one enclosure as it is now, in working order.
 *
 * @param helpings of each food a whole portion, by the key of its task
 * @param feedings foods that take turns, for each of the animals that have such
 * @param late what it means that a task is late, by its key
 * @param advice what is known beside the routine, for the days it holds
 * @param ahead what comes about by itself in the next days, the nearest first
 */
public record Plan(
    List<Task> tasks,
    Map<String, Helping> helpings,
    List<Feeding> feedings,
    Map<String, Phrase> late,
    List<Advice> advice,
    List<Ahead> ahead) {
  /** Where each task has days of its own. */
  public Plan(List<Task> tasks) {
    this(tasks, Map.of(), List.of(), Map.of(), List.of(), List.of());
  }

  public Plan {
    helpings = Map.copyOf(helpings);
    late = Map.copyOf(late);
    feedings = List.copyOf(feedings);
    advice = List.copyOf(advice);
    ahead = List.copyOf(ahead);
    tasks =
        tasks.stream().sorted(Comparator.comparing(Task::kind).thenComparing(Task::key)).toList();
  }

  /** Minutes of work on an average day, roughly. */
  public double minutesADay() {
    return tasks.stream().mapToDouble(t -> t.minutes() * t.recurrence().timesADay()).sum();
  }

  /** The same, where a keeper declined what it holds off. */
  public Plan declining(List<Acceptance> newestFirst) {
    return new Plan(
        tasks,
        helpings,
        feedings,
        late,
        advice.stream().map(a -> a.declining(newestFirst)).toList(),
        ahead);
  }

  /** What is known beside the routine and holds on a day, the gravest first. */
  public List<Advice> advice(LocalDate day) {
    return advice.stream()
        .filter(a -> a.holdsOn(day))
        .sorted(Comparator.comparing(Advice::urgency))
        .toList();
  }

  /** Whether routine or advice asks for a task of that key. */
  public boolean asksFor(String key) {
    return Stream.concat(tasks.stream(), advice.stream().map(Advice::task))
        .anyMatch(t -> t.key().equals(key));
  }

  public Optional<Task> task(String key) {
    return tasks.stream().filter(t -> t.key().equals(key)).findFirst();
  }

  /** Whether it feeds somebody. */
  public boolean isMeal(Task task) {
    return task.kind() == TaskKind.FEED || task.kind() == TaskKind.SUPPLEMENT;
  }

  /** The foods among which that one takes turns. */
  Optional<Feeding> feeding(Task task) {
    return feedings.stream().filter(f -> f.has(task.key())).findFirst();
  }

  /** What is fed by a task; nothing where it is other work. */
  public Optional<Helping> helping(Task task) {
    return Optional.ofNullable(helpings.get(task.key()));
  }

  /** What it means for the animals that it is late; nothing where nothing is to say. */
  public Optional<Phrase> meaningOfLate(Task task) {
    return Optional.ofNullable(late.get(task.key()));
  }

  /** How often it is done, in words: inside its range, or on days of its own. */
  public String rhythm(Task task) {
    return feeding(task).map(f -> f.rhythm(task.key())).orElseGet(() -> task.recurrence().words());
  }
}
