package app.islet.web.enclosure;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.FoodItem;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;
import app.islet.core.review.Acceptance;
import app.islet.core.review.Severity;
import app.islet.core.water.WaterRecord;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.waterlog.WaterLine;
import app.islet.web.waterlog.WaterLog;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.server.ResponseStatusException;

/** Reads and saves enclosures, always within one collection. */
@Service
public class Enclosures {
  /** For so long a drag need not look again at what it does not change itself. */
  private static final Duration LATELY = Duration.ofSeconds(5);

  private final EnclosureRepository enclosures;
  private final RevisionRepository revisions;
  private final RoomRepository rooms;
  private final ResidentRepository residents;
  private final MeasurementRepository measurements;
  private final AcceptedFindingRepository acceptances;
  private final WaterLog waterLog;
  private final CareSheetStore shelf;
  private final DocumentReader reader;
  private final Clock clock;
  private final TransactionTemplate transactions;
  private final Cache<Asked, EnclosureSnapshot> lately =
      Caffeine.newBuilder().expireAfterWrite(LATELY).maximumSize(100).build();

  Enclosures(
      EnclosureRepository enclosures,
      RevisionRepository revisions,
      RoomRepository rooms,
      ResidentRepository residents,
      MeasurementRepository measurements,
      AcceptedFindingRepository acceptances,
      WaterLog waterLog,
      CareSheetStore shelf,
      Clock clock,
      TransactionTemplate transactions) {
    this.enclosures = enclosures;
    this.revisions = revisions;
    this.rooms = rooms;
    this.residents = residents;
    this.measurements = measurements;
    this.acceptances = acceptances;
    this.waterLog = waterLog;
    this.shelf = shelf;
    this.reader = new DocumentReader(CareLibrary.bundled());
    this.clock = clock;
    this.transactions = transactions;
  }

  /** Every enclosure of the collection as it is today, in the order they were made. */
  @Transactional(readOnly = true)
  public List<EnclosureSnapshot> all(CollectionContext place) {
    return states(
        place,
        enclosures.findByCollectionIdOrderById(place.collectionId()),
        place.today(),
        Long.MAX_VALUE);
  }

  /** One enclosure today; 404 where the collection has no such one. */
  @Transactional(readOnly = true)
  public EnclosureSnapshot get(CollectionContext place, long id) {
    return get(place, id, place.today(), Long.MAX_VALUE);
  }

  /**
   * The same as it was at most five seconds ago: a drag asks many times a second, and what it
   * changes comes with each question.
   *
   * @param revision the page shows; another one is read anew
   */
  public EnclosureSnapshot lately(CollectionContext place, long id, String revision) {
    Asked asked = new Asked(place.collectionId(), id, revision, place.today());
    EnclosureSnapshot known = lately.getIfPresent(asked);
    if (known == null) {
      known = transactions.execute(status -> get(place, id));
      lately.put(asked, known);
    }
    return known;
  }

  private record Asked(long collectionId, long enclosureId, String revision, LocalDate day) {}

  /** One enclosure as it was known before the measurement {@code beforeMeasurement} was entered. */
  @Transactional(readOnly = true)
  public EnclosureSnapshot getBefore(CollectionContext place, long id, long beforeMeasurement) {
    return get(place, id, place.today(), beforeMeasurement);
  }

  private EnclosureSnapshot get(
      CollectionContext place, long id, LocalDate day, long beforeMeasurement) {
    return states(place, List.of(record(place, id)), day, beforeMeasurement).get(0);
  }

  EnclosureRecord record(CollectionContext place, long id) {
    return enclosures
        .findByIdAndCollectionId(id, place.collectionId())
        .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
  }

  Room room(CollectionContext place, long id) {
    return rooms
        .findByIdAndCollectionId(id, place.collectionId())
        .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
  }

  @Transactional(readOnly = true)
  public List<Room> rooms(CollectionContext place) {
    return rooms.findByCollectionIdOrderById(place.collectionId());
  }

  private List<EnclosureSnapshot> states(
      CollectionContext place,
      List<EnclosureRecord> records,
      LocalDate day,
      long beforeMeasurement) {
    if (records.isEmpty()) {
      return List.of();
    }
    List<Long> ids = records.stream().map(EnclosureRecord::id).toList();
    Map<Long, Revision> newest =
        revisions.newest(ids).stream()
            .collect(Collectors.toMap(Revision::enclosureId, Function.identity()));
    Map<Long, Room> roomById =
        rooms.findByCollectionIdOrderById(place.collectionId()).stream()
            .collect(Collectors.toMap(Room::id, Function.identity()));
    List<ResidentRecord> living =
        residents.findByEnclosureIdInOrderById(ids).stream()
            .filter(r -> r.livesHereOn(day))
            .toList();
    Map<Long, List<Measurement>> sizes =
        standing(living.stream().map(ResidentRecord::id).toList()).stream()
            .filter(m -> m.id() < beforeMeasurement && !m.day().isAfter(day))
            .collect(Collectors.groupingBy(Measurement::residentId));
    Map<Long, List<Acceptance>> accepted =
        acceptances.findByEnclosureIdInOrderByIdDesc(ids).stream()
            .collect(
                Collectors.groupingBy(
                    AcceptedFinding::enclosureId,
                    Collectors.mapping(AcceptedFinding::acceptance, Collectors.toList())));
    Map<Long, List<WaterLine>> lines = waterLog.recent(ids, day);
    CareLibrary library = shelf.library(place);
    Map<String, String> schools = shelf.schools(place);
    return records.stream()
        .map(
            record -> {
              Revision revision = newest.get(record.id());
              Room room = Objects.requireNonNull(roomById.get(record.roomId()));
              Enclosure design =
                  reader
                      .read(record.name(), revision.document())
                      .enclosure()
                      .withName(record.name())
                      .withSite(room.site());
              List<EnclosureSnapshot.Occupant> occupants =
                  living.stream()
                      .filter(r -> r.enclosureId().equals(record.id()))
                      .map(
                          r -> occupant(library, schools, r, sizes.getOrDefault(r.id(), List.of())))
                      .toList();
              return EnclosureSnapshot.of(
                  record,
                  room,
                  design,
                  revision.number(),
                  occupants,
                  accepted.getOrDefault(record.id(), List.of()),
                  water(
                      lines.getOrDefault(record.id(), List.of()),
                      occupants.stream().map(EnclosureSnapshot.Occupant::resident).toList()),
                  day);
            })
        .toList();
  }

  /** The log as the core reads it; a tick of the rounds is the change the residents' plan asks. */
  public static WaterRecord water(List<WaterLine> lines, List<Resident> residents) {
    double part =
        residents.stream()
            .mapToDouble(r -> r.stage().maintenance().changePercent())
            .max()
            .orElse(0);
    double large =
        residents.stream()
            .flatMapToDouble(r -> r.stage().maintenance().largePercent().stream())
            .max()
            .orElse(0);
    return new WaterRecord(
        lines.stream().filter(WaterLine::isTest).map(WaterLine::test).toList(),
        lines.stream().flatMap(line -> line.event(part, large).stream()).toList());
  }

  private List<Measurement> standing(Collection<Long> residentIds) {
    return residentIds.isEmpty() ? List.of() : measurements.standing(residentIds);
  }

  private static EnclosureSnapshot.Occupant occupant(
      CareLibrary library, Map<String, String> schools, ResidentRecord r, List<Measurement> sizes) {
    CareSheet sheet =
        library
            .find(r.species())
            .orElseThrow(() -> new IllegalStateException("no care sheet " + r.species()));
    return new EnclosureSnapshot.Occupant(
        r,
        new Resident(
            r.name(),
            sheet,
            r.count(),
            r.males(),
            r.females(),
            newest(sizes, Measurement::lengthCm),
            newest(sizes, Measurement::massG),
            Optional.ofNullable(r.statedStage()),
            Optional.ofNullable(r.school()).or(() -> Optional.ofNullable(schools.get(sheet.id()))),
            Optional.of(r.since()),
            r.alsoFed()),
        sizes);
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

  /** Makes an enclosure, or finds the one the same click already made. */
  @Transactional
  public long create(
      CollectionContext place, long roomId, Enclosure design, LocalDate startedOn, UUID clientId) {
    return create(place, roomId, new EnclosureDocument(design, List.of()), startedOn, clientId);
  }

  /** The same with those who live in it. */
  @Transactional
  public long create(
      CollectionContext place,
      long roomId,
      EnclosureDocument document,
      LocalDate startedOn,
      UUID clientId) {
    place.require(Role.KEEPER);
    Enclosure design = document.enclosure();
    Room room = room(place, roomId);
    Optional<EnclosureRecord> made = enclosures.findByClientId(clientId);
    if (made.isPresent()) {
      return made.get().id();
    }
    EnclosureRecord record =
        enclosures.saveAndFlush(
            new EnclosureRecord(
                place.collectionId(), room.id(), design.name(), startedOn, clientId));
    saveRevision(place, record, 1, design.withSite(room.site()));
    int n = 0;
    for (Resident resident : document.residents()) {
      String name = clientId + "-" + n++;
      addResident(
          place,
          record.id(),
          resident,
          UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
          resident.arrivedOn().orElse(startedOn));
    }
    return record.id();
  }

  /**
   * Saves a design as a new revision; a design equal to the newest is not saved again, so a double
   * click is harmless.
   */
  @Transactional
  public void save(CollectionContext place, long id, Enclosure design) {
    place.require(Role.KEEPER);
    EnclosureRecord record =
        enclosures
            .hold(id, place.collectionId())
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    Revision newest = revisions.findFirstByEnclosureIdOrderByNumberDesc(id).orElseThrow();
    record.rename(design.name());
    if (!reader.read(record.name(), newest.document()).enclosure().equals(design)) {
      saveRevision(place, record, newest.number() + 1, design);
    }
  }

  /** Every saved state of a design, the newest first. */
  @Transactional(readOnly = true)
  public List<Revision> versions(CollectionContext place, long id) {
    record(place, id);
    return revisions.findByEnclosureIdOrderByNumberDesc(id);
  }

  /** Makes an earlier state the design again, as a new revision, in the room it stands in now. */
  @Transactional
  public void bringBack(CollectionContext place, long id, int number) {
    place.require(Role.KEEPER);
    EnclosureRecord record = record(place, id);
    Revision earlier =
        revisions
            .findByEnclosureIdAndNumber(id, number)
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    Site site = room(place, record.roomId()).site();
    save(place, id, reader.read(record.name(), earlier.document()).enclosure().withSite(site));
  }

  private void saveRevision(
      CollectionContext place, EnclosureRecord record, int number, Enclosure design) {
    String document = DocumentWriter.write(new EnclosureDocument(design, List.of()));
    revisions.save(
        new Revision(record.id(), number, document, clock.instant(), place.person().id()));
  }

  /** Moves an enclosure to a room; its design then stands at that room's temperatures. */
  @Transactional
  public void move(CollectionContext place, long id, long roomId) {
    place.require(Role.KEEPER);
    EnclosureRecord record = record(place, id);
    Room room = room(place, roomId);
    record.moveTo(room);
    save(place, id, designOf(id, record.name()).withSite(room.site()));
  }

  private Enclosure designOf(long id, String name) {
    return reader
        .read(name, revisions.findFirstByEnclosureIdOrderByNumberDesc(id).orElseThrow().document())
        .enclosure();
  }

  /** Makes or changes a room; the designs in it follow, each as a new revision. */
  @Transactional
  public long saveRoom(CollectionContext place, @Nullable Long id, String name, Site site) {
    place.require(Role.KEEPER);
    if (id == null) {
      return rooms
          .findByNameAndCollectionId(name, place.collectionId())
          .orElseGet(() -> rooms.save(new Room(place.collectionId(), name, site)))
          .id();
    }
    Room room = room(place, id);
    room.change(name, site);
    List<EnclosureRecord> inside =
        enclosures.findByCollectionIdOrderById(place.collectionId()).stream()
            .filter(e -> e.roomId().equals(id))
            .toList();
    inside.forEach(e -> save(place, e.id(), designOf(e.id(), e.name()).withSite(site)));
    return id;
  }

  /** Adds a resident, with its length where it was measured. */
  @Transactional
  public void addResident(
      CollectionContext place,
      long enclosureId,
      Resident resident,
      UUID clientId,
      LocalDate since) {
    place.require(Role.KEEPER);
    record(place, enclosureId);
    enclosures.hold(enclosureId, place.collectionId());
    if (residents.existsByClientId(clientId)) {
      return;
    }
    ResidentRecord record =
        residents.save(
            new ResidentRecord(enclosureId, resident.sheet().id(), since, clientId)
                .describe(
                    resident.name(),
                    resident.count(),
                    resident.males(),
                    resident.females(),
                    resident.statedStage().orElse(null))
                .keepBy(resident.school().orElse(null))
                .feedAlso(resident.alsoFed()));
    if (resident.lengthCm().isPresent() || resident.massG().isPresent()) {
      measurements.save(
          new Measurement(
              record.id(),
              since,
              boxed(resident.lengthCm()),
              boxed(resident.massG()),
              null,
              clientId,
              clock.instant(),
              place.person().id()));
    }
  }

  /**
   * What a keeper may correct of a resident.
   *
   * @param species id of the care sheet, of the same kind as before
   * @param school empty for that of the collection
   */
  public record Description(
      String species,
      String name,
      int count,
      int males,
      int females,
      Optional<String> school,
      LocalDate since,
      List<FoodItem> alsoFed) {}

  @Transactional
  public void describeResident(
      CollectionContext place, long enclosureId, long residentId, Description described) {
    place.require(Role.KEEPER);
    ResidentRecord record = resident(place, enclosureId, residentId);
    record
        .describe(
            described.name(),
            described.count(),
            described.males(),
            described.females(),
            record.statedStage())
        .keepBy(described.school().orElse(null))
        .followSheet(described.species())
        .cameOn(described.since())
        .feedAlso(described.alsoFed());
  }

  /**
   * Accepts a finding of an enclosure as it is today, with a reason, until a day.
   *
   * @throws ResponseStatusException 422 where it is a Danger, a mere note, or not there
   */
  @Transactional
  public void accept(
      CollectionContext place,
      long id,
      String rule,
      String who,
      String reason,
      LocalDate askAgain) {
    place.require(Role.KEEPER);
    Severity severity =
        get(place, id).assessment().review().findings().stream()
            .filter(f -> f.rule().equals(rule) && f.who().equals(who))
            .map(f -> f.severity())
            .min(Comparator.naturalOrder())
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.UNPROCESSABLE_ENTITY));
    if (severity == Severity.DANGER || severity == Severity.NOTE) {
      throw new ResponseStatusException(
          HttpStatus.UNPROCESSABLE_ENTITY, "a Danger is not accepted, a Note need not be");
    }
    acceptances.save(
        new AcceptedFinding(
            id,
            new Acceptance(rule, who, severity, reason, askAgain),
            clock.instant(),
            place.person().id()));
  }

  /** Takes an acceptance back: a new entry that asks again today. */
  @Transactional
  public void reopen(CollectionContext place, long id, String rule, String who) {
    place.require(Role.KEEPER);
    record(place, id);
    acceptances.findByEnclosureIdInOrderByIdDesc(List.of(id)).stream()
        .map(AcceptedFinding::acceptance)
        .filter(a -> a.rule().equals(rule) && a.who().equals(who))
        .findFirst()
        .ifPresent(
            a ->
                acceptances.save(
                    new AcceptedFinding(
                        id,
                        new Acceptance(rule, who, a.severity(), "taken back", place.today()),
                        clock.instant(),
                        place.person().id())));
  }

  @Transactional
  public void removeResident(CollectionContext place, long enclosureId, long residentId) {
    place.require(Role.KEEPER);
    resident(place, enclosureId, residentId).leave(place.today());
  }

  private ResidentRecord resident(CollectionContext place, long enclosureId, long residentId) {
    record(place, enclosureId);
    return residents
        .findByIdAndEnclosureId(residentId, enclosureId)
        .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
  }

  /** Logs a measurement once, however often it is sent; helpers may. */
  @Transactional
  public long measure(
      CollectionContext place,
      long enclosureId,
      long residentId,
      LocalDate day,
      OptionalDouble lengthCm,
      OptionalDouble massG,
      UUID clientId) {
    resident(place, enclosureId, residentId);
    enclosures.hold(enclosureId, place.collectionId());
    return measurements
        .findByClientId(clientId)
        .map(Measurement::id)
        .orElseGet(
            () ->
                measurements
                    .save(
                        new Measurement(
                            residentId,
                            day,
                            boxed(lengthCm),
                            boxed(massG),
                            null,
                            clientId,
                            clock.instant(),
                            place.person().id()))
                    .id());
  }

  /** Takes a measurement back by an entry that strikes it. */
  @Transactional
  public void strike(CollectionContext place, long enclosureId, long measurementId) {
    EnclosureSnapshot state = get(place, enclosureId);
    enclosures.hold(enclosureId, place.collectionId());
    List<Measurement> standing =
        new ArrayList<>(standing(state.occupants().stream().map(o -> o.record().id()).toList()));
    standing.stream()
        .filter(m -> m.id() == measurementId)
        .findFirst()
        .ifPresent(
            m ->
                measurements.save(
                    new Measurement(
                        m.residentId(),
                        m.day(),
                        null,
                        null,
                        m.id(),
                        UUID.randomUUID(),
                        clock.instant(),
                        place.person().id())));
  }

  private static @Nullable Double boxed(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }
}
