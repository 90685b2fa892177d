package app.islet.web.animals;

import app.islet.core.animal.Resident;
import app.islet.core.care.Stage;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.web.animal.Animal;
import app.islet.web.animal.Animals;
import app.islet.web.animal.Books;
import app.islet.web.animal.LifeEntry;
import app.islet.web.animal.LifeLog;
import app.islet.web.animal.Measurement;
import app.islet.web.animal.Menus;
import app.islet.web.animal.Photos;
import app.islet.web.animal.Residents;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.healthlog.HealthTableStore;
import app.islet.web.snapshot.EnclosureSnapshot;
import app.islet.web.snapshot.Occupants;
import app.islet.web.snapshot.Snapshots;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** An animal of the store as the core sees it, wherever it is: in an enclosure, a tub, as eggs. */
@Component
class LivingAnimals {
  private final Animals animals;
  private final Books books;
  private final LifeLog life;
  private final Photos photos;
  private final Menus menus;
  private final Residents residents;
  private final CareSheetStore sheets;
  private final EnclosureStore enclosures;
  private final Snapshots snapshots;
  private final HealthTableStore tables;

  LivingAnimals(
      Animals animals,
      Books books,
      LifeLog life,
      Photos photos,
      Menus menus,
      Residents residents,
      CareSheetStore sheets,
      EnclosureStore enclosures,
      Snapshots snapshots,
      HealthTableStore tables) {
    this.tables = tables;
    this.animals = animals;
    this.books = books;
    this.life = life;
    this.photos = photos;
    this.menus = menus;
    this.residents = residents;
    this.sheets = sheets;
    this.enclosures = enclosures;
    this.snapshots = snapshots;
  }

  PlaceNames names(CollectionContext context) {
    return new PlaceNames(books.places(context), enclosures.all(context));
  }

  /** One animal with all that is known of it. */
  Subject subject(CollectionContext context, long id) {
    Animal animal = animals.get(context, id);
    List<LifeEntry> entries = life.of(animal);
    Ledger ledger = Counted.by(books.ledger(context), entries);
    PlaceNames names = names(context);
    List<Measurement> sizes = sizes(context, List.of(animal)).getOrDefault(id, List.of());
    Census here = ledger.census(animal.key(), context.today());
    Resident resident = resident(context, animal, sizes, ledger, names);
    return new Subject(
        animal,
        resident,
        here,
        SingletonSupplier.of(() -> home(context, here, names)),
        sizes,
        entries,
        photos.of(animal),
        new Subject.Books(ledger, names, tables.tables(context)),
        context.today());
  }

  private Optional<EnclosureSnapshot> home(
      CollectionContext context, Census here, PlaceNames names) {
    return here.lines().stream()
        .max(Comparator.comparingInt(Census.Line::count))
        .flatMap(line -> names.enclosureOf(line.place()))
        .map(enclosure -> snapshots.get(context, enclosure));
  }

  /** What was measured of some until today, the oldest first. */
  Map<Long, List<Measurement>> sizes(CollectionContext context, Collection<Animal> some) {
    return residents.measurements(some).entrySet().stream()
        .collect(
            Collectors.toMap(
                Map.Entry::getKey,
                e ->
                    e.getValue().stream().filter(m -> !m.day().isAfter(context.today())).toList()));
  }

  /** All there are of it, as they are today; as one where none is left. */
  Resident resident(
      CollectionContext context,
      Animal animal,
      List<Measurement> sizes,
      Ledger ledger,
      PlaceNames names) {
    LocalDate today = context.today();
    Census here = ledger.census(animal.key(), today);
    LocalDate since =
        here.lines().stream()
            .flatMap(line -> ledger.arrivedOn(animal.key(), line.place(), today).stream())
            .max(LocalDate::compareTo)
            .orElse(today);
    int count = Math.max(1, here.heads());
    Resident resident =
        new Occupants(
                sheets.library(context), sheets.schools(context), menus.of(List.of(animal)), today)
            .occupant(new Residents.Stay(animal, 0, count, count, since), sizes)
            .resident();
    boolean eggs =
        here.heads() > 0 && here.lines().stream().allMatch(line -> names.isEggs(line.place()));
    return eggs ? asEggs(resident) : resident;
  }

  /** What lies in its eggs is in that stage, where the sheet knows one. */
  private static Resident asEggs(Resident r) {
    Optional<String> egg =
        r.sheet().stages().stream()
            .filter(stage -> stage.hatch().isPresent())
            .map(Stage::id)
            .findFirst();
    return egg.isEmpty()
        ? r
        : new Resident(r.name(), r.species(), r.heads(), r.size(), r.keeping().at(egg));
  }
}
