package app.islet.web.reading.snapshot;

import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.LifeEntry;
import app.islet.web.store.animal.LifeLog;
import app.islet.web.store.animal.PlaceRecord;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.util.function.SingletonSupplier;

/** Animals as they are today, wherever they are; those in enclosures stand in its snapshot too. */
@Service
public class AnimalSnapshots {
  private final Animals animals;
  private final Books books;
  private final LifeLog life;
  private final AnimalFactsOfBooks facts;
  private final Snapshots snapshots;

  AnimalSnapshots(
      Animals animals, Books books, LifeLog life, AnimalFactsOfBooks facts, Snapshots snapshots) {
    this.animals = animals;
    this.books = books;
    this.life = life;
    this.facts = facts;
    this.snapshots = snapshots;
  }

  /** One of the collection; 404 where it has no such animal. */
  public AnimalSnapshot get(CollectionContext context, long id) {
    AnimalSnapshot one = of(context, List.of(animals.get(context, id))).get(0);
    return one.home().map(one::in).orElse(one);
  }

  /** These, in their order. */
  public List<AnimalSnapshot> of(CollectionContext context, Collection<Animal> some) {
    if (some.isEmpty()) {
      return List.of();
    }
    Ledger ledger = books.ledger(context);
    AnimalFactsOfBooks.Known known = facts.of(context, some);
    Map<Long, List<LifeEntry>> entries =
        life.of(some).stream().collect(Collectors.groupingBy(LifeEntry::animalId));
    List<AnimalSnapshot> all = new ArrayList<>();
    for (Animal animal : some) {
      Census here = ledger.census(animal.key(), context.today());
      Optional<Long> home = home(context, here);
      all.add(
          new AnimalSnapshot(
              animal,
              known.whole(animal, here, since(ledger, animal, here, context.today())),
              here,
              home,
              SingletonSupplier.of(() -> home.map(id -> snapshots.get(context, id))),
              known.raised().batch(animal, here),
              known.sizes(animal),
              entries.getOrDefault(animal.id(), List.of())));
    }
    return all;
  }

  private static LocalDate since(Ledger ledger, Animal animal, Census here, LocalDate today) {
    return AnimalSnapshot.most(here)
        .flatMap(line -> ledger.arrivedOn(animal.key(), line.place(), today))
        .orElse(today);
  }

  private Optional<Long> home(CollectionContext context, Census here) {
    return AnimalSnapshot.most(here)
        .flatMap(line -> Optional.ofNullable(books.places(context).get(line.place())))
        .flatMap(PlaceRecord::enclosureId);
  }
}
