package app.islet.web.store.animal;

import app.islet.core.animal.Resting;
import app.islet.core.livestock.LifeEvent;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happened to the animals, day by day. Helpers may add to it. */
@Service
public class LifeLog {
  private static final Set<LifeEvent.Kind> RESTING =
      EnumSet.of(LifeEvent.Kind.RESTS, LifeEvent.Kind.WOKE);

  private static final Set<LifeEvent.Kind> MOULTING =
      EnumSet.of(LifeEvent.Kind.BURIED, LifeEvent.Kind.SHED, LifeEvent.Kind.MOULTED);

  private final AnimalRepository animals;
  private final LifeRepository entries;
  private final Clock clock;

  LifeLog(AnimalRepository animals, LifeRepository entries, Clock clock) {
    this.animals = animals;
    this.entries = entries;
    this.clock = clock;
  }

  /** Of one animal or group, the oldest first. */
  @Transactional(readOnly = true)
  public List<LifeEntry> of(Animal animal) {
    return entries.valid(List.of(animal.id()));
  }

  /** Of several, the oldest first. */
  @Transactional(readOnly = true)
  public List<LifeEntry> of(Collection<Animal> some) {
    return some.isEmpty() ? List.of() : entries.valid(ids(some));
  }

  /** Those of several to whom something of these kinds has happened. */
  @Transactional(readOnly = true)
  public List<Animal> having(Collection<Animal> some, Set<LifeEvent.Kind> kinds) {
    Set<Long> found = some.isEmpty() ? Set.of() : entries.having(ids(some), kinds);
    return some.stream().filter(animal -> found.contains(animal.id())).toList();
  }

  /** What tells whether each of several is in a moult, the oldest first; of crabs that dug in. */
  @Transactional(readOnly = true)
  public Map<Long, List<LifeEvent>> moults(Collection<Animal> some) {
    return ofThoseHaving(some, MOULTING);
  }

  /** What tells whether each of several is there, the oldest first; of those once not found. */
  @Transactional(readOnly = true)
  public Map<Long, List<LifeEvent>> missed(Collection<Animal> some) {
    return ofThoseHaving(some, EnumSet.of(LifeEvent.Kind.MISSED));
  }

  private Map<Long, List<LifeEvent>> ofThoseHaving(
      Collection<Animal> some, Set<LifeEvent.Kind> kinds) {
    List<Animal> found = having(some, kinds);
    return found.isEmpty()
        ? Map.of()
        : entries.valid(ids(found)).stream()
            .collect(
                Collectors.groupingBy(
                    LifeEntry::animalId,
                    Collectors.mapping(LifeEntry::event, Collectors.toList())));
  }

  /** Logs a whole rest, once, however often it is sent. */
  @Transactional
  public void rested(CollectionContext context, Animal animal, Resting rest, UUID clientId) {
    happened(context, animal, LifeEvent.Kind.RESTS, rest.from(), clientId);
    rest.until().ifPresent(day -> happened(context, animal, LifeEvent.Kind.WOKE, day, clientId));
  }

  private void happened(
      CollectionContext context, Animal animal, LifeEvent.Kind kind, LocalDate day, UUID clientId) {
    byte[] id = (clientId + "-" + kind).getBytes(StandardCharsets.UTF_8);
    LifeEvent event = new LifeEvent(day, kind, OptionalDouble.empty(), "");
    add(context, animal.id(), event, UUID.nameUUIDFromBytes(id));
  }

  /** The last rest through winter or drought of each of several that had one. */
  @Transactional(readOnly = true)
  public Map<Long, Resting> rests(Collection<Animal> some) {
    Map<Long, Resting> rests = new HashMap<>();
    if (!some.isEmpty()) {
      entries.valid(ids(some), RESTING).stream()
          .collect(Collectors.groupingBy(LifeEntry::animalId))
          .forEach(
              (animal, of) ->
                  LifeEvent.lastRest(of.stream().map(LifeEntry::event).toList())
                      .ifPresent(rest -> rests.put(animal, rest)));
    }
    return rests;
  }

  private static List<Long> ids(Collection<Animal> some) {
    return some.stream().map(Animal::id).toList();
  }

  /** Sightings with a number, of all animals, the oldest first. */
  @Transactional(readOnly = true)
  public List<LifeEntry> counts(CollectionContext context) {
    return entries.counts(context.collectionId());
  }

  /** Logs it once, however often it is sent. */
  @Transactional
  public LifeEntry add(CollectionContext context, long animalId, LifeEvent event, UUID clientId) {
    lock(context, animalId);
    return entries.append(
        clientId, () -> new LifeEntry(animalId, event, context.stamp(clock, clientId), null));
  }

  /** Takes an entry back by one that voids it; twice is harmless. */
  @Transactional
  public void takeBack(CollectionContext context, long animalId, long entryId) {
    lock(context, animalId);
    entries
        .findById(entryId)
        .filter(entry -> entry.animalId() == animalId)
        .ifPresent(
            entry ->
                entries.voidOnce(
                    entryId,
                    () ->
                        new LifeEntry(
                            animalId,
                            entry.event(),
                            context.stamp(clock, UUID.randomUUID()),
                            entryId)));
  }

  private void lock(CollectionContext context, long animalId) {
    if (animals.lock(List.of(animalId), context.collectionId()).isEmpty()) {
      throw new NotFoundException("the collection has no animal " + animalId);
    }
  }
}
