package app.islet.web.snapshot;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Keeping;
import app.islet.core.animal.Measure;
import app.islet.core.animal.OwnGrowth;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.review.Acceptance;
import app.islet.web.animal.Measurement;
import app.islet.web.animal.ResidentRecord;
import app.islet.web.animal.Residents;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.Acceptances;
import app.islet.web.enclosure.Design;
import app.islet.web.enclosure.Designs;
import app.islet.web.enclosure.EnclosureRecord;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.enclosure.Room;
import app.islet.web.enclosure.Rooms;
import app.islet.web.waterlog.WaterLine;
import app.islet.web.waterlog.WaterLog;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
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
  private static final int MOST_KEPT = 16;

  /** For so long a drag need not ask for the version again: what it changes comes with it. */
  private static final Duration RECENT = Duration.ofSeconds(5);

  private final EnclosureStore enclosures;
  private final Designs designs;
  private final Rooms rooms;
  private final Residents residents;
  private final Acceptances acceptances;
  private final WaterLog waterLog;
  private final CareSheetStore sheets;
  private final TransactionTemplate reading;
  private final Cache<SnapshotKey, EnclosureSnapshot> kept =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).build();
  private final Cache<RecentKey, EnclosureSnapshot> recent =
      Caffeine.newBuilder().expireAfterWrite(RECENT).maximumSize(MOST_KEPT).build();

  Snapshots(
      EnclosureStore enclosures,
      Designs designs,
      Rooms rooms,
      Residents residents,
      Acceptances acceptances,
      WaterLog waterLog,
      CareSheetStore sheets,
      PlatformTransactionManager transactions) {
    this.enclosures = enclosures;
    this.designs = designs;
    this.rooms = rooms;
    this.residents = residents;
    this.acceptances = acceptances;
    this.waterLog = waterLog;
    this.sheets = sheets;
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
    List<ResidentRecord> living =
        residents.of(ids).stream().filter(r -> r.livesHereOn(day)).toList();
    Map<Long, List<Measurement>> sizes = residents.measurements(living);
    Map<Long, List<Acceptance>> accepted = acceptances.of(ids);
    Map<Long, List<WaterLine>> lines = waterLog.recent(ids, day);
    Sheets known = new Sheets(sheets.library(context), sheets.schools(context), day);
    return records.stream()
        .map(
            record -> {
              List<EnclosureSnapshot.Occupant> occupants =
                  living.stream()
                      .filter(r -> r.enclosureId().equals(record.id()))
                      .map(
                          r ->
                              known.occupant(
                                  r,
                                  sizes.getOrDefault(r.id(), List.of()).stream()
                                      .filter(m -> m.id() < beforeMeasurement)
                                      .filter(m -> !m.day().isAfter(day))
                                      .toList()))
                      .toList();
              return EnclosureSnapshot.of(
                  record,
                  Objects.requireNonNull(room.get(record.roomId())),
                  Objects.requireNonNull(design.get(record.id())),
                  occupants,
                  accepted.getOrDefault(record.id(), List.of()),
                  WaterRecords.of(
                      lines.getOrDefault(record.id(), List.of()),
                      occupants.stream().map(EnclosureSnapshot.Occupant::resident).toList()),
                  day);
            })
        .toList();
  }

  /** The sheets and schools animals are kept by. */
  private record Sheets(CareLibrary library, Map<String, String> schools, LocalDate day) {
    EnclosureSnapshot.Occupant occupant(ResidentRecord r, List<Measurement> sizes) {
      CareSheet sheet =
          library
              .find(r.species())
              .orElseThrow(() -> new IllegalStateException("no care sheet " + r.species()));
      Keeping keeping =
          new Keeping(
              Optional.ofNullable(r.statedStage()),
              Optional.ofNullable(r.school())
                  .or(() -> Optional.ofNullable(schools.get(sheet.id()))),
              Optional.of(r.since()),
              r.alsoFed());
      Size size =
          Size.of(newest(sizes, Measurement::lengthCm), newest(sizes, Measurement::massG))
              .downTo(smallest(sizes));
      Heads heads = new Heads(r.count(), r.males(), r.females());
      Resident resident =
          growing(new Resident(r.name(), sheet, heads, size, keeping), lengths(sizes));
      boolean since = sizes.stream().anyMatch(m -> m.day().isAfter(r.since()));
      return new EnclosureSnapshot.Occupant(r, since ? resident.measuredSince() : resident, sizes);
    }

    private static List<Measure> lengths(List<Measurement> sizes) {
      return sizes.stream()
          .filter(m -> m.lengthCm() != null)
          .map(m -> new Measure(m.day(), Objects.requireNonNull(m.lengthCm())))
          .toList();
    }

    /** The same, grown since the last length by what all lengths tell. */
    private Resident growing(Resident r, List<Measure> lengths) {
      if (lengths.isEmpty()) {
        return r;
      }
      LocalDate last = lengths.get(lengths.size() - 1).day();
      Size size =
          r.size()
              .measured(
                  (int) ChronoUnit.DAYS.between(last, day),
                  OwnGrowth.of(r.sheet(), r.stage(), lengths, Optional.empty())
                      .map(OwnGrowth::growth));
      return new Resident(r.name(), r.species(), r.heads(), size, r.keeping());
    }

    /** Measured together with the length that counts; a later length of all speaks for all. */
    private static OptionalDouble smallest(List<Measurement> sizes) {
      for (int i = sizes.size() - 1; i >= 0; i--) {
        if (sizes.get(i).lengthCm() != null) {
          Double cm = sizes.get(i).smallestCm();
          return cm == null ? OptionalDouble.empty() : OptionalDouble.of(cm);
        }
      }
      return OptionalDouble.empty();
    }

    private static OptionalDouble newest(
        List<Measurement> sizes, Function<Measurement, @Nullable Double> what) {
      for (int i = sizes.size() - 1; i >= 0; i--) {
        Double value = what.apply(sizes.get(i));
        if (value != null) {
          return OptionalDouble.of(value);
        }
      }
      return OptionalDouble.empty();
    }
  }
}
