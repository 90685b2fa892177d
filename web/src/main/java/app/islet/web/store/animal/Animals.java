package app.islet.web.store.animal;

import app.islet.core.animal.Heads;
import app.islet.core.care.Stage;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.web.base.support.Ids;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The animals of a collection, wherever they are, and those that left. */
@Service
public class Animals {
  private final AnimalRepository animals;
  private final PlaceRepository places;
  private final Books books;
  private final LifeLog life;

  Animals(AnimalRepository animals, PlaceRepository places, Books books, LifeLog life) {
    this.animals = animals;
    this.places = places;
    this.books = books;
    this.life = life;
  }

  /** In the order they were entered. */
  @Transactional(readOnly = true)
  public List<Animal> all(CollectionContext context) {
    return animals.findByCollectionIdOrderById(context.collectionId());
  }

  @Transactional(readOnly = true)
  public Animal get(CollectionContext context, long id) {
    return animals
        .findByIdAndCollectionId(id, context.collectionId())
        .orElseThrow(() -> new NotFoundException("the collection has no animal " + id));
  }

  /** A new group that hatched or was born here; once, however often it is sent. */
  @Transactional
  public Animal begin(
      CollectionContext context, String species, String name, Background known, UUID clientId) {
    context.require(Role.KEEPER);
    return animals
        .findByClientId(clientId)
        .orElseGet(
            () ->
                animals.saveAndFlush(
                    new Animal(context.collectionId(), species, false, clientId)
                        .describe(name, 0, 0, null)
                        .know(known)));
  }

  /**
   * Some of a group become an animal, or a group, of their own, where they are.
   *
   * @param stage the one they were seen in with the group; empty where nobody names one
   * @param seen the last entry of the group that whoever does it knew of
   * @return the new one; the one there is, if it was sent before
   */
  @Transactional
  public Animal singleOut(
      CollectionContext context,
      Animal group,
      Place where,
      int count,
      String name,
      Optional<String> stage,
      UUID clientId,
      long seen) {
    context.require(Role.KEEPER);
    Optional<Animal> sent = animals.findByClientId(clientId);
    if (sent.isPresent()) {
      return sent.get();
    }
    Animal another = group.another(name, count == 1, clientId);
    another.describe(name, 0, 0, stage.orElse(group.statedStage()));
    Animal other = animals.saveAndFlush(another);
    books.enter(
        context,
        Movement.handOver(context.today(), group.key(), other.key(), count, where, ""),
        clientId,
        Optional.of(seen));
    return other;
  }

  /** All of one join a group in the same place. */
  @Transactional
  public void join(
      CollectionContext context,
      Animal joining,
      Animal group,
      Place where,
      int count,
      UUID clientId,
      long seen) {
    context.require(Role.KEEPER);
    books.enter(
        context,
        Movement.handOver(context.today(), joining.key(), group.key(), count, where, ""),
        clientId,
        Optional.of(seen));
    animals.saveAndFlush(get(context, group.id()).asOne(false));
  }

  /** Those out of one batch, with the batch itself, in the order they were entered. */
  @Transactional(readOnly = true)
  public List<Animal> siblings(CollectionContext context, Animal animal) {
    Long batch = animal.background().originAnimalId();
    return animals.ofBatch(batch == null ? animal.id() : batch, context.collectionId());
  }

  /** Some groups, with those singled out of them. */
  @Transactional(readOnly = true)
  public List<Animal> ofBatches(CollectionContext context, Collection<Long> groups) {
    return animals.ofBatches(groups, context.collectionId());
  }

  /** Its first eggs hatched on a day. */
  @Transactional
  public void hatched(CollectionContext context, long id, LocalDate day) {
    Animal animal = lock(context, id);
    if (animal.background().hatched().isEmpty()) {
      animals.saveAndFlush(animal.know(animal.background().hatched(day)));
    }
  }

  /** Says where it came from, how old it is and of which sex. */
  @Transactional
  public void know(CollectionContext context, long id, Heads sexes, Background known) {
    Animal animal = lock(context, id);
    animal
        .describe(animal.name(), sexes.males(), sexes.females(), animal.statedStage())
        .know(known);
    animals.saveAndFlush(animal);
  }

  /** Gives it so much of its sheet's portions, in per cent. */
  @Transactional
  public void feed(CollectionContext context, long id, int percent) {
    animals.saveAndFlush(lock(context, id).feed(percent));
  }

  /**
   * It was seen in a stage: it is written into its life, once, and holds from now on.
   *
   * @param otherForm whether lengths of before say nothing of it any more
   */
  @Transactional
  public void seenAs(
      CollectionContext context,
      long id,
      Stage stage,
      boolean otherForm,
      LocalDate day,
      UUID clientId) {
    Animal animal = lock(context, id);
    LifeEvent event =
        new LifeEvent(day, LifeEvent.Kind.STAGE, OptionalDouble.empty(), stage.name());
    life.add(context, id, event, clientId);
    animals.saveAndFlush(animal.seenAs(stage.id(), otherForm, day));
  }

  private Animal lock(CollectionContext context, long id) {
    context.require(Role.KEEPER);
    return animals.lock(List.of(id), context.collectionId()).stream()
        .findFirst()
        .orElseThrow(() -> new NotFoundException("the collection has no animal " + id));
  }

  /** A tub or box in an enclosure, or its eggs: the one there is, or a new one. */
  @Transactional
  public Place place(
      CollectionContext context, long enclosureId, PlaceRecord.Kind kind, String name) {
    context.require(Role.KEEPER);
    books.home(context, enclosureId);
    return places
        .findByEnclosureIdAndKindAndNameAndBatchIdIsNull(enclosureId, kind, name)
        .or(
            () ->
                Optional.of(
                    places.saveAndFlush(
                        new PlaceRecord(context.collectionId(), enclosureId, kind, name))))
        .map(place -> Place.kept(place.key()))
        .orElseThrow();
  }

  /**
   * Enters what a file tells, and makes the animals the books have not got: all of it or nothing.
   *
   * @param strangers names of new animals, and whether each is a single one
   * @param movements what to enter, once the keys of the new ones are known, by name
   * @return how many entries were made
   */
  @Transactional
  public int read(
      CollectionContext context,
      String species,
      Map<String, Boolean> strangers,
      Function<Map<String, String>, List<Movement>> movements,
      UUID clientId) {
    context.require(Role.KEEPER);
    Map<String, String> keys = new HashMap<>();
    strangers.forEach(
        (name, single) -> {
          UUID own = Ids.derived(clientId, name);
          Animal animal =
              animals
                  .findByClientId(own)
                  .orElseGet(
                      () ->
                          animals.saveAndFlush(
                              new Animal(context.collectionId(), species, single, own)
                                  .describe(name, 0, 0, null)));
          keys.put(name, animal.key());
        });
    List<Movement> missing = movements.apply(keys);
    if (!missing.isEmpty()) {
      books.enter(context, missing, clientId, Optional.empty());
    }
    return missing.size();
  }
}
