package app.islet.web.store.rearing;

import app.islet.core.rearing.TubEvent;
import app.islet.web.base.support.Ids;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What was done to tubs. Helpers add to it; what it tells of a tub is kept by its version. */
@Service
public class TubLogs {
  private static final int MAX_KEPT = 20_000;

  /** A phone may be without a network for so long before what it has kept is sent. */
  private static final Duration LONGEST_AWAY = Duration.ofDays(30);

  /** What whoever helps by a link may say too. */
  private static final Set<TubEvent.Kind> DAILY =
      EnumSet.of(
          TubEvent.Kind.FED,
          TubEvent.Kind.EATEN,
          TubEvent.Kind.LEFT_OVER,
          TubEvent.Kind.CHANGED,
          TubEvent.Kind.FLUSHED,
          TubEvent.Kind.NOTE);

  private final TubRepository tubs;
  private final TubEntryRepository entries;
  private final Clock clock;
  private final Cache<Key, TubLog> kept = Caffeine.newBuilder().maximumSize(MAX_KEPT).build();

  private record Key(long placeId, long version, LocalDate today, ZoneId zone) {}

  TubLogs(TubRepository tubs, TubEntryRepository entries, Clock clock) {
    this.tubs = tubs;
    this.entries = entries;
    this.clock = clock;
  }

  /** By place; only of those that changed is the log read anew. */
  @Transactional(readOnly = true)
  public Map<Long, TubLog> of(CollectionContext context, Collection<TubRecord> some) {
    Map<Long, TubLog> logs = new HashMap<>();
    List<TubRecord> missing = new ArrayList<>();
    for (TubRecord tub : some) {
      TubLog known = kept.getIfPresent(key(context, tub));
      if (known == null) {
        missing.add(tub);
      } else {
        logs.put(tub.placeId(), known);
      }
    }
    if (!missing.isEmpty()) {
      read(context, missing, logs);
    }
    return logs;
  }

  private void read(CollectionContext context, List<TubRecord> missing, Map<Long, TubLog> logs) {
    Map<Long, List<TubEntry>> found = new HashMap<>();
    entries
        .valid(missing.stream().map(TubRecord::placeId).toList())
        .forEach(e -> found.computeIfAbsent(e.placeId(), id -> new ArrayList<>()).add(e));
    for (TubRecord tub : missing) {
      TubLog log = log(context, found.getOrDefault(tub.placeId(), List.of()));
      if (!writing()) {
        kept.put(key(context, tub), log);
      }
      logs.put(tub.placeId(), log);
    }
  }

  /** What a transaction writes itself may yet be rolled back: its versions are not kept. */
  private static boolean writing() {
    return TransactionSynchronizationManager.isActualTransactionActive()
        && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
  }

  private static TubLog log(CollectionContext context, List<TubEntry> of) {
    ZoneId zone = context.collection().zone();
    Optional<TubLog.Last> last =
        of.isEmpty()
            ? Optional.empty()
            : Optional.of(of.get(of.size() - 1))
                .map(e -> new TubLog.Last(e.clientId(), e.event(zone), e.enteredBy()));
    return TubLog.of(of.stream().map(e -> e.event(zone)).toList(), last, context.today());
  }

  private static Key key(CollectionContext context, TubRecord tub) {
    return new Key(tub.placeId(), tub.version(), context.today(), context.collection().zone());
  }

  /** What was measured in all tubs a batch ever had, in the order in which it was done. */
  @Transactional(readOnly = true)
  public List<TubEvent> measured(CollectionContext context, Batch batch) {
    ZoneId zone = context.collection().zone();
    List<Long> places =
        tubs.findByBatchIdInOrderByNumber(List.of(batch.id())).stream()
            .map(TubRecord::placeId)
            .toList();
    return entries.valid(places, TubEvent.Kind.SIZED).stream().map(e -> e.event(zone)).toList();
  }

  /** All that counts of a tub, in the order in which it was done. */
  @Transactional(readOnly = true)
  public List<TubEvent> events(CollectionContext context, TubRecord tub) {
    ZoneId zone = context.collection().zone();
    return entries.valid(List.of(tub.placeId())).stream().map(e -> e.event(zone)).toList();
  }

  /**
   * Logs the same of several tubs, once however often it is sent.
   *
   * @param doneAt when it was done; of later than now, now
   */
  @Transactional
  public void add(
      CollectionContext context,
      Collection<Long> placeIds,
      TubEntry.What what,
      Instant doneAt,
      UUID clientId) {
    context.require(DAILY.contains(what.kind()) ? Role.LINKED_HELPER : Role.HELPER);
    List<TubRecord> locked = tubs.lock(placeIds, context.collectionId());
    if (locked.size() < placeIds.size()) {
      throw new NotFoundException("no such tub");
    }
    Instant at = at(doneAt);
    for (TubRecord tub : locked) {
      UUID id = locked.size() == 1 ? clientId : Ids.derived(clientId, tub.placeId());
      if (entries.findByClientId(id).isEmpty()) {
        entries.save(new TubEntry(tub.placeId(), what, at, context.stamp(clock, id), null));
        tubs.save(tub.touched());
      }
    }
    entries.flush();
  }

  /** Whether what was sent with that id is logged already. */
  @Transactional(readOnly = true)
  public boolean has(UUID clientId) {
    return entries.findByClientId(clientId).isPresent();
  }

  /** The newest entry of today of a kind, of one tub. */
  @Transactional(readOnly = true)
  public Optional<TubLog.Last> today(CollectionContext context, long placeId, TubEvent.Kind kind) {
    ZoneId zone = context.collection().zone();
    return entries.valid(List.of(placeId)).stream()
        .filter(e -> e.what().kind() == kind)
        .map(e -> new TubLog.Last(e.clientId(), e.event(zone), e.enteredBy()))
        .filter(last -> last.event().at().toLocalDate().equals(context.today()))
        .reduce((older, newer) -> newer);
  }

  /** Holds a tub until the transaction ends: of two who tap at once the second sees the first. */
  @Transactional
  public void hold(CollectionContext context, long placeId) {
    if (tubs.lock(List.of(placeId), context.collectionId()).isEmpty()) {
      throw new NotFoundException("no such tub");
    }
  }

  private Instant at(Instant doneAt) {
    Instant now = clock.instant();
    if (doneAt.isAfter(now)) {
      return now;
    }
    Instant earliest = now.minus(LONGEST_AWAY);
    return doneAt.isBefore(earliest) ? earliest : doneAt;
  }

  /** Adds what was done in the past, as somebody tells who wrote it down elsewhere. */
  @Transactional
  public void addPast(CollectionContext context, long placeId, List<TubEvent> past) {
    context.require(Role.KEEPER);
    TubRecord tub =
        tubs.lock(List.of(placeId), context.collectionId()).stream()
            .findFirst()
            .orElseThrow(() -> new NotFoundException("no such tub"));
    ZoneId zone = context.collection().zone();
    entries.saveAll(
        past.stream()
            .map(
                e ->
                    new TubEntry(
                        placeId,
                        new TubEntry.What(e.kind(), e.milestone(), e.note(), e.sizes()),
                        e.at().atZone(zone).toInstant(),
                        context.stamp(clock, UUID.randomUUID()),
                        null))
            .toList());
    tubs.save(tub.touched());
  }

  /**
   * Takes an entry back once. A helper takes back their own; a keeper anybody's.
   *
   * @param entryId the id it was sent with
   * @return what was taken back; empty where there is no such entry, or it is not theirs
   */
  @Transactional
  public Optional<TubEvent.Kind> undo(CollectionContext context, UUID entryId, UUID clientId) {
    context.require(Role.LINKED_HELPER);
    Optional<TubEntry> entry =
        entries
            .findOf(entryId, context.collectionId())
            .filter(e -> context.mayDesign() || e.enteredBy().equals(context.person().id()));
    entry.ifPresent(e -> takeBack(context, e, clientId));
    return entry.map(e -> e.what().kind());
  }

  private void takeBack(CollectionContext context, TubEntry entry, UUID clientId) {
    TubRecord tub = tubs.lock(List.of(entry.placeId()), context.collectionId()).get(0);
    entries.voidOnce(
        entry.id(),
        () ->
            new TubEntry(
                entry.placeId(),
                entry.what(),
                entry.doneAt(),
                context.stamp(clock, clientId),
                entry.id()));
    tubs.saveAndFlush(tub.touched());
  }
}
