package app.islet.web.animal;

import app.islet.core.animal.Resident;
import app.islet.core.care.FoodItem;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.log.Stamp;
import app.islet.web.support.NotFoundException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who lives in the enclosures of a collection, and how they were measured. */
@Service
public class Residents {
  private final EnclosureStore enclosures;
  private final ResidentRepository residents;
  private final MeasurementRepository measurements;
  private final Clock clock;

  Residents(
      EnclosureStore enclosures,
      ResidentRepository residents,
      MeasurementRepository measurements,
      Clock clock) {
    this.enclosures = enclosures;
    this.residents = residents;
    this.measurements = measurements;
    this.clock = clock;
  }

  /** Everybody who ever lived in these enclosures, in the order they came. */
  @Transactional(readOnly = true)
  public List<ResidentRecord> of(Collection<Long> enclosureIds) {
    return residents.findByEnclosureIdInOrderById(enclosureIds);
  }

  /** Their measurements, the oldest first. */
  @Transactional(readOnly = true)
  public Map<Long, List<Measurement>> measurements(Collection<ResidentRecord> of) {
    List<Long> ids = of.stream().map(ResidentRecord::id).toList();
    return ids.isEmpty()
        ? Map.of()
        : measurements.valid(ids).stream().collect(Collectors.groupingBy(Measurement::residentId));
  }

  /** Adds a resident, with its length where it was measured; once, however often it is sent. */
  @Transactional
  public void add(
      CollectionContext context,
      long enclosureId,
      Resident resident,
      UUID clientId,
      LocalDate since) {
    context.require(Role.KEEPER);
    enclosures.lock(context, enclosureId);
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
              resident.lengthCm(),
              resident.smallestCm(),
              resident.massG(),
              stamp(context, clientId)));
    }
  }

  /**
   * What a keeper may correct of a resident.
   *
   * @param species id of the care sheet, of the same kind as before
   * @param stage the stage the keeper names; empty where the length decides
   * @param school empty for that of the collection
   */
  public record Description(
      String species,
      String name,
      int count,
      int males,
      int females,
      Optional<String> stage,
      Optional<String> school,
      LocalDate since,
      List<FoodItem> alsoFed) {}

  @Transactional
  public void describe(
      CollectionContext context, long enclosureId, long residentId, Description described) {
    context.require(Role.KEEPER);
    ResidentRecord record = lock(context, enclosureId, residentId);
    record
        .describe(
            described.name(),
            described.count(),
            described.males(),
            described.females(),
            described.stage().orElse(null))
        .keepBy(described.school().orElse(null))
        .followSheet(described.species())
        .cameOn(described.since())
        .feedAlso(described.alsoFed());
  }

  /** Notes that a resident has left today; its records stay. */
  @Transactional
  public ResidentRecord moveOut(CollectionContext context, long enclosureId, long residentId) {
    context.require(Role.KEEPER);
    ResidentRecord record = lock(context, enclosureId, residentId);
    record.leave(context.today());
    return record;
  }

  /** Takes a move out back: the resident lives here as if it had never left. */
  @Transactional
  public ResidentRecord moveBack(CollectionContext context, long enclosureId, long residentId) {
    context.require(Role.KEEPER);
    ResidentRecord record = lock(context, enclosureId, residentId);
    record.stay();
    return record;
  }

  private ResidentRecord lock(CollectionContext context, long enclosureId, long residentId) {
    enclosures.lock(context, enclosureId);
    return residents
        .findByIdAndEnclosureId(residentId, enclosureId)
        .orElseThrow(() -> new NotFoundException("nobody of the number " + residentId));
  }

  /** Logs a measurement once, however often it is sent; helpers may. */
  @Transactional
  public Measurement measure(
      CollectionContext context,
      long enclosureId,
      long residentId,
      LocalDate day,
      OptionalDouble lengthCm,
      OptionalDouble smallestCm,
      OptionalDouble massG,
      UUID clientId) {
    lock(context, enclosureId, residentId);
    return measurements.append(
        clientId,
        () ->
            new Measurement(
                residentId, day, lengthCm, smallestCm, massG, stamp(context, clientId)));
  }

  /** Takes a measurement back by an entry that voids it; twice is harmless. */
  @Transactional
  public void voidMeasurement(CollectionContext context, long enclosureId, long measurementId) {
    enclosures.lock(context, enclosureId);
    measurements
        .findById(measurementId)
        .filter(m -> residents.findByIdAndEnclosureId(m.residentId(), enclosureId).isPresent())
        .ifPresent(
            m -> measurements.voidOnce(m.id(), () -> m.voided(stamp(context, UUID.randomUUID()))));
  }

  private Stamp stamp(CollectionContext context, UUID clientId) {
    return new Stamp(clientId, clock.instant(), context.person().id());
  }
}
