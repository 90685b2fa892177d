package app.islet.web.store.enclosure;

import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;
import app.islet.core.water.SaltHistory;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.Role;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The designs of a collection's enclosures: every saved state is kept, the newest is the design.
 *
 * <p>A design is only ever changed here, under the enclosure's lock: a partial change is applied to
 * the newest design, a whole one is refused where somebody saved in between. So nothing that two
 * keepers save at the same moment is lost.
 */
@Service
public class Designs {
  private final EnclosureStore store;
  private final EnclosureRepository enclosures;
  private final RevisionRepository revisions;
  private final Rooms rooms;
  private final CollectionStore collections;
  private final Clock clock;
  private final DocumentReader reader = new DocumentReader(CareLibrary.bundled());

  Designs(
      EnclosureStore store,
      EnclosureRepository enclosures,
      RevisionRepository revisions,
      Rooms rooms,
      CollectionStore collections,
      Clock clock) {
    this.store = store;
    this.enclosures = enclosures;
    this.revisions = revisions;
    this.rooms = rooms;
    this.collections = collections;
    this.clock = clock;
  }

  /** The newest designs by enclosure, each in its room. */
  @Transactional(readOnly = true)
  public Map<Long, Design> newest(CollectionContext context, Collection<EnclosureRecord> records) {
    if (records.isEmpty()) {
      return Map.of();
    }
    Map<Long, EnclosureRecord> byId =
        records.stream().collect(Collectors.toMap(EnclosureRecord::id, Function.identity()));
    Map<Long, Room> roomById =
        rooms.all(context).stream().collect(Collectors.toMap(Room::id, Function.identity()));
    return revisions.newest(byId.keySet()).stream()
        .collect(
            Collectors.toMap(
                Revision::enclosureId,
                revision -> {
                  EnclosureRecord record = byId.get(revision.enclosureId());
                  return read(record, revision, roomById.get(record.roomId()));
                }));
  }

  private Design read(EnclosureRecord record, Revision revision, Room room) {
    return new Design(read(record.name(), revision, room.site()), revision.number());
  }

  /** What a saved state says, in a room as it is now. */
  public Enclosure read(String name, Revision revision, Site site) {
    return reader.read(name, revision.document()).enclosure().withName(name).withSite(site);
  }

  /** A saved state by its number; empty where there is no such one. */
  @Transactional(readOnly = true)
  public Optional<Design> version(CollectionContext context, long id, int number) {
    EnclosureRecord record = store.get(context, id);
    return revisions
        .findByEnclosureIdAndNumber(id, number)
        .map(revision -> read(record, revision, rooms.get(context, record.roomId())));
  }

  /** Makes an enclosure, or finds the one the same click already made. */
  @Transactional
  public EnclosureRecord create(
      CollectionContext context,
      long roomId,
      Enclosure design,
      LocalDate startedOn,
      UUID clientId) {
    context.require(Role.KEEPER);
    collections.lock(context);
    Room room = rooms.get(context, roomId);
    Optional<EnclosureRecord> made =
        enclosures.findByClientIdAndCollectionId(clientId, context.collectionId());
    if (made.isPresent()) {
      return made.get();
    }
    EnclosureRecord record =
        enclosures.saveAndFlush(
            new EnclosureRecord(
                context.collectionId(), room.id(), design.name(), startedOn, clientId));
    keep(context, record, 1, design.withSite(room.site()));
    return record;
  }

  /**
   * Applies a change to the newest design and saves it as a new revision; a change that changes
   * nothing saves nothing, so a double click is harmless.
   */
  @Transactional
  public void change(CollectionContext context, long id, UnaryOperator<Enclosure> change) {
    context.require(Role.KEEPER);
    EnclosureRecord record = store.lock(context, id);
    save(context, record, newest(context, record), change);
  }

  /**
   * Saves a whole design.
   *
   * @param startedFrom number of the revision it was made from
   * @throws StaleDesignException if that is not the newest any more, unless the design is the same
   */
  @Transactional
  public void save(CollectionContext context, long id, int startedFrom, Enclosure design) {
    context.require(Role.KEEPER);
    EnclosureRecord record = store.lock(context, id);
    Design newest = newest(context, record);
    boolean same = newest.enclosure().equals(design.withSite(newest.enclosure().site()));
    if (newest.revision() != startedFrom && !same) {
      throw new StaleDesignException(startedFrom, newest.revision());
    }
    save(context, record, newest, before -> design);
  }

  private Design newest(CollectionContext context, EnclosureRecord record) {
    Revision newest = revisions.findFirstByEnclosureIdOrderByNumberDesc(record.id()).orElseThrow();
    return read(record, newest, rooms.get(context, record.roomId()));
  }

  private void save(
      CollectionContext context,
      EnclosureRecord record,
      Design newest,
      UnaryOperator<Enclosure> change) {
    Enclosure before = newest.enclosure();
    Enclosure after = change.apply(before).withSite(before.site());
    if (!after.equals(before)) {
      record.rename(after.name());
      keep(context, record, newest.revision() + 1, after);
    }
  }

  private void keep(
      CollectionContext context, EnclosureRecord record, int number, Enclosure design) {
    String document = DocumentWriter.write(new EnclosureDocument(design, List.of()));
    revisions.save(
        new Revision(record.id(), number, document, clock.instant(), context.person().id()));
  }

  /** Every saved state of a design, the newest first. */
  @Transactional(readOnly = true)
  public List<Revision> versions(CollectionContext context, long id) {
    store.get(context, id);
    return revisions.findByEnclosureIdOrderByNumberDesc(id);
  }

  /** How salt the water of each was by its saved states, where it is known. */
  @Transactional(readOnly = true)
  public Map<Long, SaltHistory> salt(
      CollectionContext context, Collection<EnclosureRecord> records) {
    ZoneId zone = context.collection().zone();
    Map<Long, NavigableMap<LocalDate, Double>> days = new HashMap<>();
    if (!records.isEmpty()) {
      revisions
          .salt(records.stream().map(EnclosureRecord::id).toList())
          .forEach(
              row ->
                  days.computeIfAbsent(row.getEnclosureId(), id -> new TreeMap<>())
                      .put(LocalDate.ofInstant(row.getSavedAt(), zone), row.getPpt()));
    }
    return days.entrySet().stream()
        .collect(Collectors.toMap(Map.Entry::getKey, e -> new SaltHistory(e.getValue())));
  }

  /** Makes an earlier state the design again, as a new revision. */
  @Transactional
  public void restore(CollectionContext context, long id, int number) {
    Design earlier =
        version(context, id, number)
            .orElseThrow(() -> new NotFoundException("there is no version " + number));
    change(context, id, newest -> earlier.enclosure());
  }

  /** Moves an enclosure to another room. Its design stays; the climate there is another. */
  @Transactional
  public void move(CollectionContext context, long id, long roomId) {
    context.require(Role.KEEPER);
    store.lock(context, id).moveTo(rooms.get(context, roomId));
  }
}
