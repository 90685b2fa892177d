package app.islet.web.store.animal;

import app.islet.core.animal.Resident;
import app.islet.core.care.FoodItem;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.text.English;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.enclosure.EnclosureStore;
import java.time.Clock;
import java.time.LocalDate;
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
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who lives in the enclosures of a collection, and how they were measured. */
@Service
public class Residents {
  private final EnclosureStore enclosures;
  private final Books books;
  private final AnimalRepository animals;
  private final PlaceRepository places;
  private final MeasurementRepository measurements;
  private final LifeLog life;
  private final Clock clock;

  Residents(
      EnclosureStore enclosures,
      Books books,
      AnimalRepository animals,
      PlaceRepository places,
      MeasurementRepository measurements,
      LifeLog life,
      Clock clock) {
    this.enclosures = enclosures;
    this.books = books;
    this.animals = animals;
    this.places = places;
    this.measurements = measurements;
    this.life = life;
    this.clock = clock;
  }

  /**
   * Some animals in an enclosure.
   *
   * @param count of them here, of {@code all} there are
   * @param since the day the last of them came
   */
  public record Stay(Animal animal, long enclosureId, int count, int all, LocalDate since) {}

  /** Who lives in these enclosures on a day, as the books say, in the order they were entered. */
  @Transactional(readOnly = true)
  public List<Stay> living(
      CollectionContext context, Collection<Long> enclosureIds, LocalDate day) {
    Map<String, Long> enclosureOf =
        places.findByKindAndEnclosureIdIn(PlaceRecord.Kind.ENCLOSURE, enclosureIds).stream()
            .collect(
                Collectors.toMap(PlaceRecord::key, place -> place.enclosureId().orElseThrow()));
    Ledger ledger = books.ledger(context);
    List<Census.Line> lines =
        ledger.census(day).lines().stream()
            .filter(line -> enclosureOf.containsKey(line.place()))
            .toList();
    List<Long> ids = lines.stream().map(line -> Long.valueOf(line.animals())).distinct().toList();
    Map<String, Animal> known =
        animals.findByIdInOrderById(ids).stream()
            .collect(Collectors.toMap(Animal::key, Function.identity()));
    return lines.stream()
        .map(
            line ->
                new Stay(
                    Objects.requireNonNull(known.get(line.animals())),
                    Objects.requireNonNull(enclosureOf.get(line.place())),
                    line.count(),
                    ledger.census(line.animals(), day).heads(),
                    ledger.arrivedOn(line.animals(), line.place(), day).orElse(day)))
        .sorted(Comparator.comparing(stay -> stay.animal().id()))
        .toList();
  }

  /** Their measurements, the oldest first. */
  @Transactional(readOnly = true)
  public Map<Long, List<Measurement>> measurements(Collection<Animal> of) {
    List<Long> ids = of.stream().map(Animal::id).distinct().toList();
    return ids.isEmpty()
        ? Map.of()
        : measurements.valid(ids).stream().collect(Collectors.groupingBy(Measurement::animalId));
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
    if (animals.findByClientId(clientId).isPresent()) {
      return;
    }
    Animal animal =
        animals.saveAndFlush(
            new Animal(
                    context.collectionId(), resident.sheet().id(), resident.count() == 1, clientId)
                .describe(
                    resident.name(),
                    resident.males(),
                    resident.females(),
                    resident.statedStage().orElse(null))
                .keepBy(resident.school().orElse(null))
                .feedAlso(resident.alsoFed()));
    books.enter(
        context,
        List.of(Movement.begun(since, animal.key(), resident.count(), books.home(enclosureId))),
        clientId,
        Optional.empty());
    if (resident.lengthCm().isPresent() || resident.massG().isPresent()) {
      measurements.save(
          new Measurement(
              animal.id(),
              since,
              resident.lengthCm(),
              resident.smallestCm(),
              resident.massG(),
              context.stamp(clock, clientId)));
    }
    resident.keeping().rest().ifPresent(rest -> life.rested(context, animal, rest, clientId));
  }

  /**
   * What a keeper may correct of a resident.
   *
   * @param species id of the care sheet, of the same kind as before
   * @param count how many there are here
   * @param stage the stage the keeper names; empty where the length decides
   * @param school empty for that of the collection
   * @param since the day they came into this enclosure
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

  /**
   * Corrects a resident. A number or a day that was entered wrongly is undone on the books, and
   * entered anew.
   *
   * @throws MiscountException if it cannot have been as it is said now
   */
  @Transactional
  public void describe(
      CollectionContext context, long enclosureId, long animalId, Description described) {
    context.require(Role.KEEPER);
    Animal animal = lock(context, enclosureId, animalId);
    animal
        .describe(
            described.name(),
            described.males(),
            described.females(),
            described.stage().orElse(null))
        .keepBy(described.school().orElse(null))
        .followSheet(described.species())
        .feedAlso(described.alsoFed());
    animals.saveAndFlush(animal);
    recount(context, animal, books.home(enclosureId), described);
  }

  private void recount(
      CollectionContext context, Animal animal, Place home, Description described) {
    Ledger ledger = books.ledger(context);
    LocalDate today = context.today();
    int now = ledger.count(animal.key(), home.name(), today);
    LocalDate since = ledger.arrivedOn(animal.key(), home.name(), today).orElse(today);
    if (now == described.count() && since.equals(described.since())) {
      return;
    }
    List<Movement> begun =
        ledger.movements(animal.key()).stream()
            .filter(m -> m.from().equals(Place.BEGUN) && m.to().equals(home))
            .filter(m -> m.day().equals(since))
            .toList();
    int first = begun.isEmpty() ? 0 : begun.get(0).count() + described.count() - now;
    if (first < 1) {
      throw new MiscountException(
          "%d of %s are here since %s by the books. Enter who came, left or died, or undo what was entered last."
              .formatted(now, animal.name(), English.day(since)));
    }
    books.enter(
        context,
        List.of(
            begun.get(0).reversed("corrected"),
            Movement.begun(described.since(), animal.key(), first, home)),
        UUID.randomUUID(),
        Optional.empty());
    animal.asOne(described.count() == 1 && first == 1);
  }

  private Animal lock(CollectionContext context, long enclosureId, long animalId) {
    enclosures.get(context, enclosureId);
    Animal animal = lock(context, animalId);
    String home = books.home(enclosureId).name();
    boolean wasHere =
        books.ledger(context).presences(animal.key()).stream()
            .anyMatch(presence -> presence.place().equals(home));
    if (!wasHere) {
      throw new NotFoundException("nobody of the number " + animalId);
    }
    return animal;
  }

  private Animal lock(CollectionContext context, long animalId) {
    return animals.lock(List.of(animalId), context.collectionId()).stream()
        .findFirst()
        .orElseThrow(() -> new NotFoundException("nobody of the number " + animalId));
  }

  /**
   * How some animals were measured on a day.
   *
   * @param smallestCm of the smallest of them, where they differ
   * @param massG of each
   */
  public record Measured(
      LocalDate day, OptionalDouble lengthCm, OptionalDouble smallestCm, OptionalDouble massG) {}

  /** Logs a measurement once, however often it is sent; helpers may. */
  @Transactional
  public Measurement measure(
      CollectionContext context, long animalId, Measured measured, UUID clientId) {
    lock(context, animalId);
    return measurements.append(
        clientId,
        () ->
            new Measurement(
                animalId,
                measured.day(),
                measured.lengthCm(),
                measured.smallestCm(),
                measured.massG(),
                context.stamp(clock, clientId)));
  }

  /** Takes a measurement back by an entry that voids it; twice is harmless. */
  @Transactional
  public Measurement voidMeasurement(CollectionContext context, long measurementId) {
    Measurement taken = measurement(context, measurementId);
    measurements.voidOnce(taken.id(), () -> taken.voided(context.stamp(clock, UUID.randomUUID())));
    return taken;
  }

  /** Logs anew what was taken back; once, however often it is sent, and only if it was. */
  @Transactional
  public void measureAgain(CollectionContext context, long measurementId, UUID clientId) {
    Measurement taken = measurement(context, measurementId);
    boolean stands =
        measurements.valid(List.of(taken.animalId())).stream()
            .anyMatch(m -> m.id().equals(measurementId));
    if (!stands && taken.voids() == null) {
      measurements.append(clientId, () -> taken.again(context.stamp(clock, clientId)));
    }
  }

  private Measurement measurement(CollectionContext context, long id) {
    Measurement found =
        measurements.findById(id).orElseThrow(() -> new NotFoundException("no measurement " + id));
    lock(context, found.animalId());
    return found;
  }
}
