package app.islet.web.tasklog;

import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.log.Stamp;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done on the rounds, and what was skipped. */
@Service
public class TaskLog {
  private final EnclosureStore enclosures;
  private final TaskEntryRepository entries;
  private final Clock clock;

  TaskLog(EnclosureStore enclosures, TaskEntryRepository entries, Clock clock) {
    this.enclosures = enclosures;
    this.entries = entries;
    this.clock = clock;
  }

  /** By enclosure: of each task the last entry before a day, and the entries of that day. */
  @Transactional(readOnly = true)
  public Map<Long, List<TaskEntry>> lastAndOn(Collection<Long> enclosureIds, LocalDate day) {
    return enclosureIds.isEmpty()
        ? Map.of()
        : entries.lastAndOn(enclosureIds, day).stream()
            .collect(Collectors.groupingBy(TaskEntry::enclosureId));
  }

  /**
   * Settles a task once: a second click, or a second helper, finds it settled and adds nothing.
   *
   * @return whether this call settled it
   */
  @Transactional
  public boolean settle(
      CollectionContext context, long enclosureId, TaskEntry.Settled settled, UUID clientId) {
    enclosures.lock(context, enclosureId);
    if (entries.findByClientId(clientId).isPresent()
        || entries.isSettled(enclosureId, settled.taskKey(), settled.day(), settled.slot())) {
      return false;
    }
    entries.saveAndFlush(new TaskEntry(enclosureId, settled, stamp(context, clientId)));
    return true;
  }

  /**
   * Takes back this person's last entry of the day.
   *
   * @param clientId of the click: the same one sent twice takes one entry back, not two
   * @return what was taken back; empty where there is nothing of theirs
   */
  @Transactional
  public Optional<String> undo(CollectionContext context, LocalDate day, UUID clientId) {
    Optional<TaskEntry> before = entries.findByClientId(clientId);
    if (before.isPresent()) {
      return before.map(TaskEntry::title);
    }
    Optional<TaskEntry> last = entries.lastOf(context.person().id(), context.collectionId(), day);
    last.ifPresent(
        entry -> {
          enclosures.lock(context, entry.enclosureId());
          if (entries.findByClientId(clientId).isEmpty()) {
            entries.voidOnce(entry.id(), () -> entry.undone(stamp(context, clientId)));
          }
        });
    return last.map(TaskEntry::title);
  }

  /** Something settled in the past. */
  public record Past(TaskEntry.Settled settled, Instant at) {}

  /** Adds what was settled in the past, as somebody tells who wrote it down elsewhere. */
  @Transactional
  public void add(CollectionContext context, long enclosureId, List<Past> past) {
    enclosures.lock(context, enclosureId);
    long by = context.person().id();
    entries.saveAll(
        past.stream()
            .map(
                p ->
                    new TaskEntry(
                        enclosureId, p.settled(), new Stamp(UUID.randomUUID(), p.at(), by)))
            .toList());
  }

  private Stamp stamp(CollectionContext context, UUID clientId) {
    return new Stamp(clientId, clock.instant(), context.person().id());
  }
}
