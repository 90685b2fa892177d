package app.islet.web.store.animal;

import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.UnbalancedException;
import app.islet.web.base.support.Ids;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The books of a collection's animals: only ever added to, each entry checked against those there
 * are, under a lock on the animals it is about.
 */
@Service
public class Books {
  private static final int MAX_KEPT = 16;

  private final AnimalRepository animals;
  private final PlaceRepository places;
  private final MovementRepository movements;
  private final Clock clock;
  private final TransactionTemplate reading;
  private final Cache<Key, Ledger> kept = Caffeine.newBuilder().maximumSize(MAX_KEPT).build();

  private record Key(long collectionId, long version) {}

  Books(
      AnimalRepository animals,
      PlaceRepository places,
      MovementRepository movements,
      Clock clock,
      PlatformTransactionManager transactions) {
    this.animals = animals;
    this.places = places;
    this.movements = movements;
    this.clock = clock;
    this.reading = new TransactionTemplate(transactions);
    this.reading.setReadOnly(true);
  }

  /** All of them, by the keys of animals and places; kept until something is entered. */
  public Ledger ledger(CollectionContext context) {
    long collection = context.collectionId();
    if (!TransactionSynchronizationManager.isActualTransactionActive()) {
      return Objects.requireNonNull(reading.execute(status -> kept(collection)));
    }
    // What this transaction writes itself has no version yet.
    return TransactionSynchronizationManager.isCurrentTransactionReadOnly()
        ? kept(collection)
        : read(collection);
  }

  private Ledger kept(long collection) {
    return kept.get(new Key(collection, movements.version(collection)), key -> read(collection));
  }

  private Ledger read(long collection) {
    return Ledger.of(
        movements.ofCollection(collection).stream().map(MovementEntry::movement).toList());
  }

  /** The books of some of them: what they handed to others stands on books that are not here. */
  @Transactional(readOnly = true)
  public Ledger part(Collection<Animal> some) {
    return Ledger.part(ofAnimals(some));
  }

  /** Every place of the collection, by its key. */
  @Transactional(readOnly = true)
  public Map<String, PlaceRecord> places(CollectionContext context) {
    return places.ofCollection(context.collectionId()).stream()
        .collect(Collectors.toMap(PlaceRecord::key, Function.identity()));
  }

  /** The enclosure itself as a place. */
  @Transactional(readOnly = true)
  public Place home(long enclosureId) {
    return places
        .findByEnclosureIdAndKindAndNameAndBatchIdIsNull(
            enclosureId, PlaceRecord.Kind.ENCLOSURE, "")
        .map(place -> Place.kept(place.key()))
        .orElseThrow(() -> new NotFoundException("no place for enclosure " + enclosureId));
  }

  /** The same of an enclosure of the collection; 404 where it is another's. */
  @Transactional(readOnly = true)
  public Place home(CollectionContext context, long enclosureId) {
    Place home = home(enclosureId);
    if (!places(context).containsKey(home.name())) {
      throw new NotFoundException("the collection has no enclosure " + enclosureId);
    }
    return home;
  }

  /** Holds an animal until the transaction ends, before anything else is locked. */
  @Transactional
  public void hold(CollectionContext context, long animalId) {
    if (animals.lock(List.of(animalId), context.collectionId()).isEmpty()) {
      throw new NotFoundException("no animal of the number " + animalId);
    }
  }

  /**
   * An act by which some left the books.
   *
   * @param act which can be undone
   */
  public record Departure(UUID act, Movement movement, long enteredBy) {}

  /** By what some of these left on a day, the oldest first. */
  @Transactional(readOnly = true)
  public List<Departure> departures(Collection<Animal> some, LocalDate day) {
    return movements.leftOn(some.stream().map(Animal::id).toList(), day).stream()
        .map(entry -> new Departure(entry.act(), entry.movement(), entry.enteredBy()))
        .toList();
  }

  /** Whether what was sent with that id stands on the books already. */
  @Transactional(readOnly = true)
  public boolean isEntered(UUID clientId) {
    return movements.findByClientId(clientId).isPresent();
  }

  /** Number of the last entry of an animal, as a page that shows it says it; 0 where none is. */
  @Transactional(readOnly = true)
  public long seen(Animal animal) {
    return movements.newest(animal.id()).orElse(0L);
  }

  /**
   * Enters what was done at once: all of it or nothing, once, however often it is sent.
   *
   * @param seen the last entry of the first of these animals that whoever does it knew of; empty
   *     where it does not matter
   * @throws UnbalancedException if it cannot have happened
   * @throws MovedMeanwhileException if somebody entered something since
   */
  @Transactional
  public void enter(
      CollectionContext context, List<Movement> done, UUID clientId, Optional<Long> seen) {
    context.require(Role.KEEPER);
    write(context, done, clientId, seen);
  }

  /**
   * Enters that some died, escaped or are gone, once; whoever walks the rounds finds them.
   *
   * @throws UnbalancedException if fewer are there, as where somebody has entered it already
   */
  @Transactional
  public void lose(CollectionContext context, Movement lost, UUID clientId) {
    context.require(Role.HELPER);
    if (!lost.from().isKept() || !lost.to().kind().isWayOut()) {
      throw new IllegalArgumentException("nobody is lost by going to " + lost.to().words());
    }
    write(context, List.of(lost), clientId, Optional.empty());
  }

  private void write(
      CollectionContext context, List<Movement> done, UUID clientId, Optional<Long> seen) {
    List<Animal> locked = lock(context, done);
    if (movements.findByClientId(clientId).isPresent()) {
      return;
    }
    requireSeen(locked, done.get(0).animals(), seen);
    requirePlaces(context, done);
    require(locked, done);
    save(context, done, clientId, List.of());
  }

  /** Undoes what was entered last for an animal, with all that was entered in the same act. */
  @Transactional
  public void undo(CollectionContext context, long animalId, UUID clientId, Optional<Long> seen) {
    context.require(Role.KEEPER);
    Animal first = get(context, animalId);
    MovementEntry last =
        movements
            .lastDone(animalId)
            .orElseThrow(() -> new NotFoundException("nothing to undo of " + first.name()));
    List<MovementEntry> act = movements.findByActOrderById(last.act());
    List<Movement> back = act.stream().map(entry -> entry.movement().reversed("undone")).toList();
    List<Animal> locked = lock(context, back);
    if (movements.findByClientId(clientId).isPresent()) {
      return;
    }
    requireSeen(locked, first.key(), seen);
    require(locked, back);
    save(context, back, clientId, act.stream().map(MovementEntry::id).toList());
  }

  /**
   * Undoes what was entered in one act, once however often it is sent; helpers undo their own.
   *
   * @throws UnbalancedException if what came after leaves no room for it
   */
  @Transactional
  public void undoAct(CollectionContext context, UUID act, UUID clientId) {
    context.require(Role.HELPER);
    List<MovementEntry> entries =
        movements.findByActOrderById(act).stream().filter(e -> e.voids() == null).toList();
    List<Movement> back = entries.stream().map(e -> e.movement().reversed("undone")).toList();
    if (back.isEmpty()) {
      throw new NotFoundException("nothing was entered by that id");
    }
    List<Animal> locked = lock(context, back);
    boolean mine = entries.stream().allMatch(e -> e.enteredBy().equals(context.person().id()));
    if (!mine) {
      context.require(Role.KEEPER);
    }
    if (movements.findByClientId(clientId).isPresent()
        || movements.existsByVoids(entries.get(0).id())) {
      return;
    }
    require(locked, back);
    save(context, back, clientId, entries.stream().map(MovementEntry::id).toList());
  }

  private List<Animal> lock(CollectionContext context, List<Movement> done) {
    Set<Long> ids = new LinkedHashSet<>();
    done.forEach(m -> ids.add(Long.valueOf(m.animals())));
    List<Animal> locked = animals.lock(ids, context.collectionId());
    if (locked.size() < ids.size()) {
      throw new NotFoundException("no such animal");
    }
    return locked;
  }

  private void requireSeen(List<Animal> locked, String key, Optional<Long> seen) {
    Animal first = locked.stream().filter(a -> a.key().equals(key)).findFirst().orElseThrow();
    if (seen.isPresent() && seen.get() != seen(first)) {
      throw new MovedMeanwhileException(first.name());
    }
  }

  private void requirePlaces(CollectionContext context, List<Movement> done) {
    Map<String, PlaceRecord> known = places(context);
    for (Movement m : done) {
      for (Place place : List.of(m.from(), m.to())) {
        if (place.isKept() && !known.containsKey(place.name())) {
          throw new NotFoundException("no such place");
        }
      }
    }
  }

  private void require(List<Animal> locked, List<Movement> done) {
    Ledger.part(ofAnimals(locked)).with(done);
  }

  private List<Movement> ofAnimals(Collection<Animal> some) {
    return movements.findByAnimalIdInOrderById(some.stream().map(Animal::id).toList()).stream()
        .map(MovementEntry::movement)
        .toList();
  }

  private void save(
      CollectionContext context, List<Movement> done, UUID clientId, List<Long> undoes) {
    List<MovementEntry> entries = new ArrayList<>();
    for (int n = 0; n < done.size(); n++) {
      UUID id = n == 0 ? clientId : Ids.derived(clientId, n);
      entries.add(
          new MovementEntry(
              done.get(n),
              clientId,
              context.stamp(clock, id),
              undoes.isEmpty() ? null : undoes.get(n)));
    }
    movements.saveAllAndFlush(entries);
  }

  private Animal get(CollectionContext context, long animalId) {
    return animals
        .findByIdAndCollectionId(animalId, context.collectionId())
        .orElseThrow(() -> new NotFoundException("no animal of the number " + animalId));
  }
}
