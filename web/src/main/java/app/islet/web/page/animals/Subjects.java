package app.islet.web.page.animals;

import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.AnimalSnapshot;
import app.islet.web.reading.snapshot.AnimalSnapshots;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.Photos;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.health.HealthTableStore;
import org.springframework.stereotype.Component;

/** Animals for their own pages. */
@Component
class Subjects {
  private final AnimalSnapshots animals;
  private final Books books;
  private final Photos photos;
  private final EnclosureStore enclosures;
  private final HealthTableStore tables;

  Subjects(
      AnimalSnapshots animals,
      Books books,
      Photos photos,
      EnclosureStore enclosures,
      HealthTableStore tables) {
    this.animals = animals;
    this.books = books;
    this.photos = photos;
    this.enclosures = enclosures;
    this.tables = tables;
  }

  PlaceNames names(CollectionContext context) {
    return new PlaceNames(books.places(context), enclosures.all(context));
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
