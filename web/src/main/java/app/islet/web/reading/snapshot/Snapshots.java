package app.islet.web.reading.snapshot;

import app.islet.core.review.Acceptance;
import app.islet.core.water.Correction;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.enclosure.Acceptances;
import app.islet.web.store.enclosure.Design;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Room;
import app.islet.web.store.enclosure.Rooms;
import app.islet.web.store.water.Corrections;
import app.islet.web.store.water.WaterLine;
import app.islet.web.store.water.WaterLog;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Everything that is known of an enclosure on a day, put together from the stores and assessed.
 *
 * <p>A snapshot is kept by the enclosure's version: it is put together and assessed once, however
 * many pages ask, and never again until something it rests on has changed. Nothing is assessed
 * inside a transaction or under a lock.
 */
@Service
public class Snapshots {
  /** An assessment with its grids takes some megabytes; summaries are kept for many more. */
  private static final int MAX_KEPT = 16;

  /** For so long a drag need not ask for the version again: what it changes comes with it. */
  private static final Duration RECENT = Duration.ofSeconds(5);

  private final EnclosureStore enclosures;
  private final Designs designs;
  private final Rooms rooms;
  private final Residents residents;
  private final AnimalFactsOfBooks facts;
  private final Acceptances acceptances;
  private final WaterLog waterLog;
  private final Corrections corrections;
  private final TransactionTemplate reading;
  private final Cache<SnapshotKey, EnclosureSnapshot> kept =
      Caffeine.newBuilder().maximumSize(MAX_KEPT).build();
  private final Cache<RecentKey, EnclosureSnapshot> recent =
      Caffeine.newBuilder().expireAfterWrite(RECENT).maximumSize(MAX_KEPT).build();

  Snapshots(
      EnclosureStore enclosures,
      Designs designs,
      Rooms rooms,
      Residents residents,
      AnimalFactsOfBooks facts,
      Acceptances acceptances,
      WaterLog waterLog,
      Corrections corrections,
      PlatformTransactionManager transactions) {
    this.enclosures = enclosures;
    this.designs = designs;
    this.rooms = rooms;
    this.residents = residents;
    this.facts = facts;
    this.acceptances = acceptances;
    this.waterLog = waterLog;
    this.corrections = corrections;
    this.reading = new TransactionTemplate(transactions);
    this.reading.setReadOnly(true);
  }

  private record RecentKey(long collectionId, long enclosureId, String revision, LocalDate day) {}

  /** One enclosure today; 404 where the collection has no such one. */
  public EnclosureSnapshot get(CollectionContext context, long id) {
    return all(context, List.of(enclosures.get(context, id))).get(0);
  }

  /** These enclosures today, in their order. */
  public List<EnclosureSnapshot> all(
      CollectionContext context, Collection<EnclosureRecord> records) {
    if (TransactionSynchronizationManager.isActualTransactionActive()) {
      // What is not committed has no version yet.
      return read(context, List.copyOf(records), Long.MAX_VALUE);
    }
    Map<EnclosureRecord, EnclosureSnapshot> missing = load(context, unknown(context, records));
    return records.stream()
        .map(
            record -> {
              SnapshotKey key = SnapshotKey.of(context, record);
              EnclosureSnapshot loaded = missing.get(record);
              return loaded != null ? loaded : kept.get(key, k -> one(context, record));
            })
        .toList();
  }

  private List<EnclosureRecord> unknown(
      CollectionContext context, Collection<EnclosureRecord> records) {
    return records.stream()
        .filter(record -> kept.getIfPresent(SnapshotKey.of(context, record)) == null)
        .toList();
  }

  private Map<EnclosureRecord, EnclosureSnapshot> load(
      CollectionContext context, List<EnclosureRecord> records) {
    if (records.isEmpty()) {
      return Map.of();
    }
    Map<EnclosureRecord, EnclosureSnapshot> loaded =
        read(context, records, Long.MAX_VALUE).stream()
            .collect(Collectors.toMap(EnclosureSnapshot::record, Function.identity()));
    loaded.forEach((record, snapshot) -> kept.put(SnapshotKey.of(context, record), snapshot));
    return loaded;
  }

  private EnclosureSnapshot one(CollectionContext context, EnclosureRecord record) {
    return read(context, List.of(record), Long.MAX_VALUE).get(0);
  }

  /**
   * The same as it was at most five seconds ago: a drag asks many times a second.
   *
   * @param revision the page shows; another one is read anew
   */
  public EnclosureSnapshot recent(CollectionContext context, long id, String revision) {
    return recent.get(
        new RecentKey(context.collectionId(), id, revision, context.today()),
        key -> get(context, id));
  }

  /** One enclosure as it was known before the measurement of that number was entered. */
  public EnclosureSnapshot before(CollectionContext context, long id, long measurement) {
    return read(context, List.of(enclosures.get(context, id)), measurement).get(0);
  }

  private List<EnclosureSnapshot> read(
      CollectionContext context, List<EnclosureRecord> records, long beforeMeasurement) {
    return Objects.requireNonNull(
        reading.execute(status -> assemble(context, records, beforeMeasurement)));
  }

  private List<EnclosureSnapshot> assemble(
      CollectionContext context, List<EnclosureRecord> records, long beforeMeasurement) {
    LocalDate day = context.today();
    List<Long> ids = records.stream().map(EnclosureRecord::id).toList();
    Map<Long, Design> design = designs.newest(context, records);
    Map<Long, Room> room =
        rooms.all(context).stream().collect(Collectors.toMap(Room::id, Function.identity()));
    List<Residents.Stay> living = residents.living(context, ids, day);
    AnimalFactsOfBooks.Known known =
        facts.of(context, living.stream().map(Residents.Stay::animal).toList());
    Map<Long, List<Acceptance>> accepted = acceptances.of(ids);
    Map<Long, List<WaterLine>> lines = waterLog.recent(ids, day);
    Map<Long, List<Correction>> underWay = corrections.of(ids);
    return records.stream()
        .map(
            record -> {
              List<EnclosureSnapshot.Occupant> occupants =
                  living.stream()
                      .filter(stay -> stay.enclosureId() == record.id())
                      .map(stay -> occupant(known, stay, beforeMeasurement))
                      .toList();
              return EnclosureSnapshot.of(
                  record,
                  Objects.requireNonNull(room.get(record.roomId())),
                  Objects.requireNonNull(design.get(record.id())),
                  occupants,
                  accepted.getOrDefault(record.id(), List.of()),
                  WaterRecords.of(
                          lines.getOrDefault(record.id(), List.of()),
                          occupants.stream().map(EnclosureSnapshot.Occupant::resident).toList())
                      .with(underWay.getOrDefault(record.id(), List.of())),
                  day);
            })
        .toList();
  }

  private static EnclosureSnapshot.Occupant occupant(
      AnimalFactsOfBooks.Known known, Residents.Stay stay, long beforeMeasurement) {
    List<Measurement> sizes =
        known.sizes(stay.animal()).stream().filter(m -> m.id() < beforeMeasurement).toList();
    return new EnclosureSnapshot.Occupant(stay.animal(), known.in(stay, sizes), sizes);
  }
}
