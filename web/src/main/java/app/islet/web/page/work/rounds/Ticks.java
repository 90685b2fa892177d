package app.islet.web.page.work.rounds;

import app.islet.core.plan.Task;
import app.islet.core.plan.TaskKind;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.log.Stamp;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.reading.summary.Summaries;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.tasks.TaskEntry;
import app.islet.web.store.tasks.TaskLog;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Ticks tasks off, and does to the design what a tick says. */
@Service
public class Ticks {
  private static final int MAX_OF_A_NOTE = 120;

  private final EnclosureStore enclosures;
  private final Summaries summaries;
  private final DayRounds rounds;
  private final TaskLog log;
  private final Designs designs;
  private final TransactionTemplate transactions;

  Ticks(
      EnclosureStore enclosures,
      Summaries summaries,
      DayRounds rounds,
      TaskLog log,
      Designs designs,
      TransactionTemplate transactions) {
    this.enclosures = enclosures;
    this.summaries = summaries;
    this.rounds = rounds;
    this.log = log;
    this.designs = designs;
    this.transactions = transactions;
  }

  /**
   * One tick.
   *
   * @param slot which of the day's times, from 1
   * @param note why it is skipped, or what there is to say of it
   * @param at when it was done
   */
  public record Tick(
      String taskKey,
      LocalDate day,
      int slot,
      boolean skipped,
      String note,
      Instant at,
      UUID clientId) {
    public Tick {
      note = note.substring(0, Math.min(MAX_OF_A_NOTE, note.length()));
    }

    /** Done the first time of the day, just now. */
    public static Tick done(String taskKey, LocalDate day, UUID clientId) {
      return new Tick(taskKey, day, 1, false, "", Instant.MAX, clientId);
    }

    /** Skipped the first time of the day, just now. */
    public static Tick skipped(String taskKey, LocalDate day, String reason, UUID clientId) {
      return new Tick(taskKey, day, 1, true, reason, Instant.MAX, clientId);
    }

    private TaskEntry.Settled settled(Task task) {
      return new TaskEntry.Settled(
          taskKey,
          task.title().text(UnitSystem.METRIC),
          day,
          slot,
          skipped ? TaskEntry.Kind.SKIPPED : TaskEntry.Kind.DONE,
          note);
    }
  }

  /**
   * Logs a tick once, however often it is sent, and writes that day's list down with its first.
   *
   * @return the entry that settles the task: this one, or whose was first
   * @throws NotFoundException if neither the enclosure's plan nor that day's list has such a task
   */
  public TaskEntry settle(CollectionContext context, long enclosureId, Tick tick) {
    EnclosureRecord record = enclosures.get(context, enclosureId);
    Task task = task(context, record, tick);
    if (task.kind() == TaskKind.HOLD) {
      throw new NotFoundException("what is held off is declined, or kept; it cannot be done");
    }
    rounds.write(context, record, tick.day());
    Stamp stamp = log.stamp(context, tick.clientId(), tick.at());
    return Objects.requireNonNull(
        transactions.execute(
            status -> {
              TaskEntry entry = log.settle(context, enclosureId, tick.settled(task), stamp);
              boolean mine = entry.clientId().equals(tick.clientId());
              // A keeper who fits a new tube need not write its date into the design as well.
              boolean fitted = task.kind() == TaskKind.REPLACE_TUBE && !tick.skipped();
              if (mine && fitted && context.mayDesign()) {
                designs.change(context, enclosureId, design -> design.withNewTube(tick.day()));
              }
              return entry;
            }));
  }

  /** Of the plan, or of that day's list, as the plan was then. */
  private Task task(CollectionContext context, EnclosureRecord record, Tick tick) {
    return summaries
        .of(context, record)
        .plan()
        .task(tick.taskKey())
        .or(() -> ofThatDay(context, record, tick))
        .filter(t -> tick.slot() >= 1 && tick.slot() <= t.recurrence().perDay())
        .orElseThrow(() -> new NotFoundException("the plan has no such task"));
  }

  private Optional<Task> ofThatDay(CollectionContext context, EnclosureRecord record, Tick tick) {
    return rounds.on(context, List.of(record), tick.day()).get(0).lines().stream()
        .map(line -> line.due().task())
        .filter(task -> task.key().equals(tick.taskKey()))
        .findFirst();
  }
}
