package app.islet.web.page.animals;

import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.AnimalSnapshot;
import app.islet.web.reading.snapshot.AnimalSnapshots;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.LifeLog;
import app.islet.web.store.animal.Photos;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.health.HealthTableStore;
import java.util.Collection;
import java.util.List;
import org.springframework.stereotype.Component;

/** Animals for their own pages. */
@Component
class Subjects {
  private final AnimalSnapshots animals;
  private final Books books;
  private final LifeLog life;
  private final Photos photos;
  private final EnclosureStore enclosures;
  private final HealthTableStore tables;

  Subjects(
      AnimalSnapshots animals,
      Books books,
      LifeLog life,
      Photos photos,
      EnclosureStore enclosures,
      HealthTableStore tables) {
    this.animals = animals;
    this.books = books;
    this.life = life;
    this.photos = photos;
    this.enclosures = enclosures;
    this.tables = tables;
  }

  PlaceNames names(CollectionContext context) {
    return new PlaceNames(books.places(context), enclosures.all(context));
  }

  /** These with what a list says of them, which needs no photos. */
  List<Subject> all(CollectionContext context, Collection<Animal> some, Subject.Books all) {
    return animals.of(context, some).stream()
        .map(snapshot -> new Subject(snapshot, List.of(), all, context.today()))
        .toList();
  }

  /** What the books say of all, as far as anybody counted. */
  Subject.Books books(CollectionContext context) {
    return new Subject.Books(
        Counted.by(books.ledger(context), life.counts(context)),
        names(context),
        tables.tables(context));
  }

  /** One animal with all that is known of it. */
  Subject get(CollectionContext context, long id) {
    AnimalSnapshot snapshot = animals.get(context, id);
    return new Subject(
        snapshot,
        photos.of(snapshot.animal()),
        new Subject.Books(
            Counted.by(books.ledger(context), snapshot.entries()),
            names(context),
            tables.tables(context)),
        context.today());
  }
}
