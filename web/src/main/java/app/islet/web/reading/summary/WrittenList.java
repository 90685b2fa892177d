package app.islet.web.reading.summary;

import app.islet.core.care.Evidence;
import app.islet.core.care.Recurrence;
import app.islet.core.plan.DueTask;
import app.islet.core.plan.Task;
import app.islet.core.plan.TaskKind;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.store.tasks.TaskEntry;
import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** The list of a day as it read then, in both systems of units. */
final class WrittenList {
  private static final TypeReference<List<Item>> ITEMS = new TypeReference<>() {};

  private WrittenList() {}

  private record Words(String title, String amount, String how) {
    static Words of(DueTask due, UnitSystem units) {
      return new Words(
          due.task().title().text(units), due.amount().text(units), due.task().how().text(units));
    }
  }

  private record Item(
      String key,
      TaskKind kind,
      int slot,
      int perDay,
      int daysLate,
      double minutes,
      Words metric,
      Words us) {
    static Item of(DueTask due) {
      return new Item(
          due.task().key(),
          due.task().kind(),
          due.slot(),
          due.task().recurrence().perDay(),
          due.daysLate(),
          due.task().minutes(),
          Words.of(due, UnitSystem.METRIC),
          Words.of(due, UnitSystem.US));
    }

    DueTask due(boolean settled) {
      Task task =
          new Task(
              key,
              kind,
              Phrase.written(metric.title, us.title),
              Phrase.written(metric.amount, us.amount),
              Phrase.written(metric.how, us.how),
              Recurrence.timesADay(perDay),
              minutes,
              Evidence.PRACTICE);
      return new DueTask(task, slot, daysLate, 1, task.amount(), settled);
    }

    boolean isTask(String otherKey, int otherSlot) {
      return key.equals(otherKey) && slot == otherSlot;
    }
  }

  /** What was settled that day and is on no list any more. */
  static DueTask ofAnotherPlan(TaskEntry entry) {
    Task task =
        new Task(
            entry.taskKey(),
            TaskKind.SPOT_CLEAN,
            Phrase.of("{}", entry.title()),
            Phrase.of(""),
            Phrase.of(""),
            Recurrence.every(1),
            0,
            Evidence.PRACTICE);
    return new DueTask(task, entry.slot(), 0, 1, task.amount(), true);
  }

  static String write(List<DueTask> list, ObjectMapper json) {
    return json.writeValueAsString(list.stream().map(Item::of).toList());
  }

  /**
   * @param settled tells for a task's key and slot whether it was
   */
  static List<DueTask> read(String written, Settled settled, ObjectMapper json) {
    return json.readValue(written, ITEMS).stream()
        .map(item -> item.due(settled.is(item.key, item.slot)))
        .toList();
  }

  /** Whether a task was settled that day. */
  interface Settled {
    boolean is(String key, int slot);
  }
}
