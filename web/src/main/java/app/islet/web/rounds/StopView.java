package app.islet.web.rounds;

import app.islet.core.plan.DueTask;
import app.islet.core.plan.TaskKind;
import app.islet.core.text.English;
import app.islet.web.collection.CollectionContext;
import app.islet.web.summary.DayRounds;
import app.islet.web.summary.EnclosureSummary;
import app.islet.web.support.Units;
import app.islet.web.tasklog.TaskEntry;
import java.util.List;
import java.util.UUID;

/**
 * One enclosure on the rounds, worded.
 *
 * @param where its room, and who lives there
 */
record StopView(long id, String name, String where, String glyph, long left, List<LineView> lines) {

  /**
   * @param state words for done, skipped or late; empty while it is just due
   * @param clientId of the tick, so that sending it twice is harmless
   */
  record LineView(
      String key,
      int slot,
      String title,
      String amount,
      String how,
      String state,
      boolean settled,
      boolean late,
      boolean measure,
      String clientId) {}

  static StopView of(CollectionContext context, DayRounds.Stop stop) {
    EnclosureSummary enclosure = stop.enclosure();
    return new StopView(
        enclosure.id(),
        enclosure.name(),
        enclosure.room() + ", " + enclosure.who(),
        enclosure.glyph().fitted(150, 70),
        stop.left(),
        stop.lines().stream().map(line -> line(context, line)).toList());
  }

  private static LineView line(CollectionContext context, DayRounds.Line line) {
    Units u = context.units();
    DueTask due = line.due();
    int perDay = due.task().recurrence().perDay();
    String times = perDay > 1 ? " (%d of %d)".formatted(due.slot(), perDay) : "";
    return new LineView(
        due.task().key(),
        due.slot(),
        u.text(due.task().title()) + times,
        u.text(due.amount()),
        u.text(due.task().how()),
        line.entry().map(e -> settled(context, e)).orElseGet(() -> late(due)),
        due.settled(),
        due.daysLate() > 0,
        due.task().kind() == TaskKind.MEASURE,
        UUID.randomUUID().toString());
  }

  private static String settled(CollectionContext context, TaskEntry entry) {
    return entry.kind() == TaskEntry.Kind.SKIPPED
        ? "skipped: " + entry.reason()
        : "done " + English.time(entry.enteredAt().atZone(context.collection().zone()));
  }

  private static String late(DueTask due) {
    return due.daysLate() > 0 ? "late by " + English.count(due.daysLate(), "day") : "";
  }
}
