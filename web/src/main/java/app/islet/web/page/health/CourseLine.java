package app.islet.web.page.health;

import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.health.CourseEntry;
import app.islet.web.store.health.HealthLog;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/**
 * A course, worded.
 *
 * @param over when it ended and how; empty while it runs
 */
record CourseLine(
    long id,
    long animalId,
    String who,
    String name,
    String day,
    Now now,
    List<String> steps,
    String ends,
    String stop,
    String over) {
  /** How it stands today. */
  record Now(boolean due, boolean doneToday, boolean mayUndo, boolean tooLong) {}

  /**
   * @param names of the animals, by their numbers
   */
  static CourseLine of(CollectionContext context, HealthLog.Running c, Map<Long, String> names) {
    LocalDate today = context.today();
    boolean here = c.done().stream().map(CourseEntry::day).anyMatch(today::equals);
    boolean doneToday = c.run().last().filter(today::equals).isPresent();
    boolean over = c.record().endedOn().isPresent();
    return new CourseLine(
        c.record().id(),
        c.record().animalId(),
        names.getOrDefault(c.record().animalId(), ""),
        c.run().course().name(),
        Messages.text(
            "health.course-day",
            c.run().day(c.record().endedOn().orElse(today)),
            (int) c.run().usualDays().min(),
            (int) c.run().usualDays().max(),
            c.run().times()),
        new Now(!over && c.run().isDue(today), doneToday, here, !over && c.run().isLong(today)),
        c.run().course().steps(),
        c.run().course().end().ends(),
        c.run().course().end().stop(),
        c.record()
            .endedOn()
            .map(
                day ->
                    Messages.text("health.course-over", English.shortDay(day), c.record().result()))
            .orElse(""));
  }
}
