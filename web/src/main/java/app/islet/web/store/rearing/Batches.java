package app.islet.web.store.rearing;

import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Origin;
import app.islet.core.livestock.Place;
import app.islet.core.rearing.Housing;
import app.islet.core.rearing.Shares;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Background;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.animal.Tubs;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Batches of a collection and their tubs: begun, shared out, finished. */
@Service
public class Batches {
  private final BatchRepository batches;
  private final TubRepository tubs;
  private final Animals animals;
  private final Books books;
  private final Tubs places;
  private final CollectionStore collections;

  Batches(
      BatchRepository batches,
      TubRepository tubs,
      Animals animals,
      Books books,
      Tubs places,
      CollectionStore collections) {
    this.batches = batches;
    this.tubs = tubs;
    this.animals = animals;
    this.books = books;
    this.places = places;
    this.collections = collections;
  }

  /** All of a collection, finished ones too, in the order they were begun. */
  @Transactional(readOnly = true)
  public List<Batch> all(CollectionContext context) {
    return batches.findByCollectionIdOrderById(context.collectionId());
  }

  @Transactional(readOnly = true)
  public Batch get(CollectionContext context, long id) {
    return batches
        .findByIdAndCollectionId(id, context.collectionId())
        .orElseThrow(() -> new NotFoundException("the collection has no batch " + id));
  }

  /** The batch an animal's group is raised as. */
  @Transactional(readOnly = true)
  public Optional<Batch> ofAnimal(CollectionContext context, long animalId) {
    return batches.findByAnimalIdAndCollectionId(animalId, context.collectionId());
  }

  /** A tub of the collection. */
  @Transactional(readOnly = true)
  public TubRecord tub(CollectionContext context, long placeId) {
    return tubs.findByPlaceIdAndCollectionId(placeId, context.collectionId())
        .orElseThrow(() -> new NotFoundException("the collection has no tub " + placeId));
  }

  /** The tub in use with that number on its label. */
  @Transactional(readOnly = true)
  public Optional<TubRecord> tubNumbered(CollectionContext context, int number) {
    return tubs.findByCollectionIdAndNumberAndClosedIsFalse(context.collectionId(), number);
  }

  /**
   * Begins one with its tubs, and puts the animals into them; once, however often it is sent.
   *
   * @throws app.islet.core.livestock.UnbalancedException if a group on the books has not so many
   */
  @Transactional
  public Batch begin(CollectionContext context, NewBatch wanted, UUID clientId) {
    context.require(Role.KEEPER);
    wanted.group().ifPresent(group -> books.hold(context, group));
    collections.lock(context);
    Optional<Batch> sent =
        batches
            .findByClientId(clientId)
            .or(() -> wanted.group().flatMap(g -> ofAnimal(context, g)));
    if (sent.isPresent()) {
      return sent.get();
    }
    Animal animal =
        wanted
            .group()
            .map(id -> animals.get(context, id))
            .orElseGet(
                () ->
                    animals.begin(
                        context,
                        wanted.who().species(),
                        wanted.who().name(),
                        background(wanted),
                        clientId));
    NewBatch.Where where = wanted.where();
    Batch batch =
        batches.saveAndFlush(
            new Batch(
                context.collectionId(),
                animal.id(),
                origin(wanted),
                new Batch.Stand(
                    where.enclosureId().orElse(null),
                    where.roomId().orElse(null),
                    where.waterC().isPresent() ? where.waterC().getAsDouble() : null),
                where.housing(),
                clientId));
    List<String> boxes = keys(addTubs(context, batch, kind(wanted), wanted.tubs(), where.size()));
    enter(context, fill(context, wanted, animal, boxes), clientId);
    return batch;
  }

  private void enter(CollectionContext context, List<Movement> done, UUID clientId) {
    if (!done.isEmpty()) {
      books.enter(context, done, clientId, Optional.empty());
    }
  }

  private List<Movement> fill(
      CollectionContext context, NewBatch wanted, Animal animal, List<String> boxes) {
    Shares shares = Shares.even(wanted.start().count(), boxes);
    if (wanted.group().isEmpty()) {
      List<Movement> begun = new ArrayList<>();
      for (String box : boxes) {
        int count = shares.perBox().getOrDefault(box, 0);
        if (count > 0) {
          begun.add(Movement.begun(wanted.start().day(), animal.key(), count, Place.kept(box)));
        }
      }
      return begun;
    }
    Map<String, Integer> taken = new LinkedHashMap<>();
    int left = wanted.start().count();
    for (Census.Line line :
        books.part(List.of(animal)).census(animal.key(), context.today()).lines()) {
      int take = Math.min(left, line.count());
      taken.put(line.place(), take);
      left -= take;
    }
    return shares.movements(context.today(), animal.key(), taken);
  }

  private static Background background(NewBatch wanted) {
    return new Background(
        Origin.HATCHED, null, "", wanted.eggs() ? null : wanted.start().day(), false, null, "");
  }

  private static Batch.Origin origin(NewBatch wanted) {
    return new Batch.Origin(
        wanted.eggs() ? wanted.start().day() : null,
        wanted.eggs() ? null : wanted.start().day(),
        wanted.who().motherId().orElse(null),
        wanted.who().fatherId().orElse(null),
        wanted.start().estimated());
  }

  private static PlaceRecord.Kind kind(NewBatch wanted) {
    if (wanted.eggs()) {
      return PlaceRecord.Kind.EGGS;
    }
    return wanted.where().housing() == Housing.Kind.BOXES
        ? PlaceRecord.Kind.BOX
        : PlaceRecord.Kind.TUB;
  }

  private static List<String> keys(List<TubRecord> some) {
    return some.stream().map(TubRecord::key).toList();
  }

  /** New tubs with the lowest numbers nobody uses; under the lock of the collection. */
  private List<TubRecord> addTubs(
      CollectionContext context,
      Batch batch,
      PlaceRecord.Kind kind,
      int count,
      TubRecord.TubSize size) {
    Set<Integer> used = new HashSet<>(tubs.numbersInUse(context.collectionId()));
    List<TubRecord> added = new ArrayList<>();
    int number = 1;
    for (int i = 0; i < count; i++) {
      while (!used.add(number)) {
        number++;
      }
      Long place = places.add(context, batch.stand().enclosureId(), batch.id(), kind, number).id();
      added.add(tubs.save(new TubRecord(place, batch, number, size)));
    }
    tubs.flush();
    return added;
  }

  /**
   * So many of a batch are taken out of some tubs and shared out.
   *
   * @param taken how many of each place
   * @param into tubs there are that they go into
   * @param newTubs so many more
   * @param counts for each of the tubs, the new ones last; empty for as even as can be
   */
  public record Sharing(
      Map<String, Integer> taken,
      List<String> into,
      int newTubs,
      TubRecord.TubSize size,
      List<Integer> counts) {
    int all() {
      return taken.values().stream().mapToInt(Integer::intValue).sum();
    }
  }

  /**
   * Shares them out, once however often it is sent; the first eggs that hatch begin the batch.
   *
   * @throws IllegalArgumentException if the counts do not add up, with a sentence
   * @throws app.islet.core.livestock.UnbalancedException if there are not so many
   */
  @Transactional
  public void shareOut(
      CollectionContext context, long batchId, Sharing sharing, LocalDate day, UUID clientId) {
    context.require(Role.KEEPER);
    Batch batch = get(context, batchId);
    books.hold(context, batch.animalId());
    collections.lock(context);
    if (books.isEntered(clientId)) {
      return;
    }
    PlaceRecord.Kind kind =
        batch.housing() == Housing.Kind.BOXES ? PlaceRecord.Kind.BOX : PlaceRecord.Kind.TUB;
    List<String> boxes = new ArrayList<>(sharing.into());
    boxes.addAll(keys(addTubs(context, batch, kind, sharing.newTubs(), sharing.size())));
    Shares shares =
        sharing.counts().isEmpty()
            ? Shares.even(sharing.all(), boxes)
            : Shares.counted(sharing.all(), boxes, sharing.counts());
    String animal = String.valueOf(batch.animalId());
    enter(context, shares.movements(day, animal, sharing.taken()), clientId);
    if (places.holdEggs(sharing.taken().keySet())) {
      batches.saveAndFlush(batch.hatched(day));
      animals.hatched(context, batch.animalId(), day);
    }
  }

  /** More of a batch were found, or one counted more than was thought; once. */
  @Transactional
  public void find(CollectionContext context, long batchId, Place where, int count, UUID clientId) {
    Batch batch = get(context, batchId);
    books.enter(
        context,
        List.of(Movement.begun(context.today(), String.valueOf(batch.animalId()), count, where)),
        clientId,
        Optional.empty());
  }

  /**
   * There were never so many: an estimate is put right, and nobody is lost by it.
   *
   * @throws app.islet.core.livestock.UnbalancedException if not so many are there
   */
  @Transactional
  public void miscounted(
      CollectionContext context, long batchId, Place where, int fewer, UUID clientId) {
    Batch batch = get(context, batchId);
    books.enter(
        context,
        List.of(
            new Movement(
                context.today(),
                String.valueOf(batch.animalId()),
                fewer,
                where,
                Place.BEGUN,
                "",
                "counted anew")),
        clientId,
        Optional.empty());
  }

  /** Changes how they are housed, at which temperature, and what there is to say. */
  @Transactional
  public void keep(
      CollectionContext context,
      long batchId,
      Housing.Kind housing,
      OptionalDouble waterC,
      String note) {
    context.require(Role.KEEPER);
    Batch batch = get(context, batchId);
    batches.saveAndFlush(
        batch.keep(housing, waterC.isPresent() ? waterC.getAsDouble() : null, note));
  }

  /** So many eggs were seen to be fertile. */
  @Transactional
  public void candle(CollectionContext context, long batchId, int fertile) {
    context.require(Role.KEEPER);
    batches.saveAndFlush(get(context, batchId).candled(fertile));
  }

  /** Puts an empty tub away: its number is free again. */
  @Transactional
  public void close(CollectionContext context, long placeId) {
    context.require(Role.KEEPER);
    tubs.saveAndFlush(tub(context, placeId).close());
    places.close(placeId);
  }

  /**
   * Finishes a batch: its empty tubs are put away, those that still hold animals stay.
   *
   * @return whether it is finished; not while young are left in its tubs
   */
  @Transactional
  public boolean finish(CollectionContext context, long batchId, LocalDate day) {
    context.require(Role.KEEPER);
    Batch batch = get(context, batchId);
    books.hold(context, batch.animalId());
    Animal animal = animals.get(context, batch.animalId());
    Ledger ledger = books.part(List.of(animal));
    List<TubRecord> own = tubs.findByBatchIdInOrderByNumber(List.of(batchId));
    boolean left =
        own.stream().anyMatch(tub -> ledger.count(animal.key(), tub.key(), context.today()) > 0);
    if (left) {
      return false;
    }
    own.stream().filter(tub -> !tub.closed()).forEach(tub -> close(context, tub.placeId()));
    batches.saveAndFlush(batch.finish(day));
    return true;
  }

  /** It goes on after all. */
  @Transactional
  public void reopen(CollectionContext context, long batchId) {
    context.require(Role.KEEPER);
    batches.saveAndFlush(get(context, batchId).reopen());
  }
}
