package app.islet.web.store.tasks;

import app.islet.web.base.log.Stamp;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.enclosure.EnclosureStore;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done on the rounds, and what was skipped. */
@Service
public class TaskLog {
  /** A phone may be without a network for so long before what it has kept is sent. */
  private static final Duration LONGEST_AWAY = Duration.ofDays(30);

  private final EnclosureStore enclosures;
  private final TaskEntryRepository entries;
  private final WrittenDayRepository days;
  private final Clock clock;

  TaskLog(
      EnclosureStore enclosures,
      TaskEntryRepository entries,
      WrittenDayRepository days,
      Clock clock) {
    this.enclosures = enclosures;
    this.entries = entries;
    this.days = days;
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

  /** The lists of a day as they were written down, by enclosure; none where nothing was ticked. */
  @Transactional(readOnly = true)
  public Map<Long, String> written(Collection<Long> enclosureIds, LocalDate day) {
    return enclosureIds.isEmpty()
        ? Map.of()
        : days.of(enclosureIds, day).stream()
            .collect(Collectors.toMap(d -> d.key().enclosureId(), WrittenDay::tasks));
  }

  /** Writes the list of a day down, unless it is already. */
  @Transactional
  public void write(
      CollectionContext context, long enclosureId, LocalDate day, Supplier<String> tasks) {
    enclosures.lock(context, enclosureId);
    WrittenDay.Key key = new WrittenDay.Key(enclosureId, day);
    if (!days.existsById(key)) {
      days.saveAndFlush(new WrittenDay(key, tasks.get()));
    }
  }

  /**
   * Settles a task once: a second click, or a second helper, finds it settled and adds nothing.
   *
   * @return the entry that settles it: with that id where it is this one, else whose was first
   */
  @Transactional
  public TaskEntry settle(
      CollectionContext context, long enclosureId, TaskEntry.Settled settled, UUID clientId) {
    return settle(context, enclosureId, settled, stamp(context, clientId));
  }

  /**
   * The same as it was done a while ago, where there was no network.
   *
   * @param stamp when, and by whom
   */
  @Transactional
  public TaskEntry settle(
      CollectionContext context, long enclosureId, TaskEntry.Settled settled, Stamp stamp) {
    enclosures.lock(context, enclosureId);
    return entries
        .findByClientId(stamp.clientId())
        .or(() -> entries.settling(enclosureId, settled.taskKey(), settled.day(), settled.slot()))
        .orElseGet(() -> entries.saveAndFlush(new TaskEntry(enclosureId, settled, stamp)));
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
    return before.isPresent()
        ? before.map(TaskEntry::title)
        : entries
            .lastOf(context.person().id(), context.collectionId(), day)
            .map(last -> takeBack(context, last, clientId));
  }

  /**
   * Takes back one entry. A helper takes back their own; a keeper anybody's.
   *
   * @param entryId the id it was sent with
   * @param clientId of the click: the same one sent twice takes it back once
   * @return what was taken back; empty where there is no such entry, or it is not theirs
   */
  @Transactional
  public Optional<String> undo(CollectionContext context, UUID entryId, UUID clientId) {
    return entries
        .findOf(entryId, context.collectionId())
        .filter(e -> context.mayDesign() || e.enteredBy().equals(context.person().id()))
        .map(entry -> takeBack(context, entry, clientId));
  }

  private String takeBack(CollectionContext context, TaskEntry entry, UUID clientId) {
    enclosures.lock(context, entry.enclosureId());
    if (entries.findByClientId(clientId).isEmpty()) {
      entries.voidOnce(entry.id(), () -> entry.undone(stamp(context, clientId)));
    }
    return entry.title();
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

  /** Now, by whoever asks. */
  private Stamp stamp(CollectionContext context, UUID clientId) {
    return stamp(context, clientId, clock.instant());
  }

  /**
   * @param at when it was done; now where that is still to come or too long ago to be true
   */
  public Stamp stamp(CollectionContext context, UUID clientId, Instant at) {
    Instant now = clock.instant();
    boolean told = !at.isAfter(now) && at.isAfter(now.minus(LONGEST_AWAY));
    return new Stamp(clientId, told ? at : now, context.person().id());
  }
}
