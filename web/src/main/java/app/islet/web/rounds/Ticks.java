package app.islet.web.rounds;

import app.islet.core.plan.Task;
import app.islet.core.plan.TaskKind;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.Designs;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.summary.Summaries;
import app.islet.web.support.NotFoundException;
import app.islet.web.tasklog.TaskEntry;
import app.islet.web.tasklog.TaskLog;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Ticks tasks off, and does to the design what a tick says. */
@Service
public class Ticks {
  private static final int MOST_OF_A_REASON = 120;

  private final EnclosureStore enclosures;
  private final Summaries summaries;
  private final TaskLog log;
  private final Designs designs;
  private final TransactionTemplate transactions;

  Ticks(
      EnclosureStore enclosures,
      Summaries summaries,
      TaskLog log,
      Designs designs,
      TransactionTemplate transactions) {
    this.enclosures = enclosures;
    this.summaries = summaries;
    this.log = log;
    this.designs = designs;
    this.transactions = transactions;
  }

  /**
   * One tick.
   *
   * @param slot which of the day's times, from 1
   * @param skipFor why it is skipped; empty where it was done
   */
  public record Tick(String taskKey, LocalDate day, int slot, String skipFor, UUID clientId) {
    public Tick {
      skipFor = skipFor.substring(0, Math.min(MOST_OF_A_REASON, skipFor.length()));
    }

    private boolean isSkipped() {
      return !skipFor.isEmpty();
    }

    private TaskEntry.Settled settled(Task task) {
      return new TaskEntry.Settled(
          taskKey,
          task.title().text(UnitSystem.METRIC),
          day,
          slot,
          isSkipped() ? TaskEntry.Kind.SKIPPED : TaskEntry.Kind.DONE,
          skipFor);
    }
  }

  /**
   * Logs a tick once, however often it is sent.
   *
   * @throws NotFoundException if the enclosure's plan has no such task
   */
  public void settle(CollectionContext context, long enclosureId, Tick tick) {
    Task task =
        summaries
            .of(context, enclosures.get(context, enclosureId))
            .plan()
            .task(tick.taskKey())
            .filter(t -> tick.slot() >= 1 && tick.slot() <= t.recurrence().perDay())
            .orElseThrow(() -> new NotFoundException("the plan has no such task"));
    transactions.executeWithoutResult(
        status -> {
          boolean settled = log.settle(context, enclosureId, tick.settled(task), tick.clientId());
          // A keeper who fits a new tube need not write its date into the design as well.
          boolean fitted = task.kind() == TaskKind.REPLACE_TUBE && !tick.isSkipped();
          if (settled && fitted && context.mayDesign()) {
            designs.change(context, enclosureId, design -> design.withNewTube(tick.day()));
          }
        });
  }
}
