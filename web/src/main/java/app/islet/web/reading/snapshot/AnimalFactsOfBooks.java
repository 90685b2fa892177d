package app.islet.web.reading.snapshot;

import app.islet.core.animal.AnimalFacts;
import app.islet.core.animal.AnimalToday;
import app.islet.core.animal.Heads;
import app.islet.core.animal.Keeping;
import app.islet.core.animal.RaisedStage;
import app.islet.core.animal.Resting;
import app.islet.core.animal.Sizing;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.OwnMenu;
import app.islet.core.livestock.Census;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.LifeLog;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.animal.Menus;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.rearing.Raised;
import app.islet.web.store.rearing.RaisedYoung;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads from the stores what the core must know of animals. */
@Component
class AnimalFactsOfBooks {
  private final Books books;
  private final Residents residents;
  private final Menus menus;
  private final CareSheetStore sheets;
  private final RaisedYoung young;
  private final LifeLog life;
  private final HealthOfLogs health;

  AnimalFactsOfBooks(
      Books books,
      Residents residents,
      Menus menus,
      CareSheetStore sheets,
      RaisedYoung young,
      LifeLog life,
      HealthOfLogs health) {
    this.books = books;
    this.residents = residents;
    this.menus = menus;
    this.sheets = sheets;
    this.young = young;
    this.life = life;
    this.health = health;
  }

  /** What the stores know of some animals, read at once. */
  Known of(CollectionContext context, Collection<Animal> some) {
    Map<String, PlaceRecord> places = books.places(context);
    CareLibrary library = sheets.library(context);
    return new Known(
        context.today(),
        places,
        library,
        sheets.schools(context),
        menus.of(some),
        residents.measurements(some),
        life.rests(some),
        young.of(context, some, books.ledger(context), places),
        health.of(context, some, library));
  }

  /**
   * What is known of some animals.
   *
   * @param schools what the collection keeps each species by, where it chose
   * @param rests the last rest through winter or drought of those who had one
   * @param menus what keepers feed them in a stage instead of what their sheet says, by their ids
   */
  record Known(
      LocalDate day,
      Map<String, PlaceRecord> places,
      CareLibrary library,
      Map<String, String> schools,
      Map<Long, List<OwnMenu>> menus,
      Map<Long, List<Measurement>> measured,
      Map<Long, Resting> rests,
      Raised raised,
      HealthOfLogs.Known health) {
    /** What was measured of it until the day, the oldest first. */
    List<Measurement> sizes(Animal animal) {
      return measured.getOrDefault(animal.id(), List.of()).stream()
          .filter(m -> !m.day().isAfter(day))
          .toList();
    }

    /** All there are of it; as one where none is left. */
    AnimalToday whole(Animal animal, Census here, LocalDate since) {
      int count = Math.max(1, here.heads());
      boolean eggs =
          here.heads() > 0
              && here.lines().stream()
                  .map(line -> places.get(line.place()))
                  .allMatch(place -> place != null && place.kind() == PlaceRecord.Kind.EGGS);
      Heads heads = Heads.of(count, count, animal.males(), animal.females());
      return today(animal, heads, since, sizes(animal), eggs, raised.of(animal, here));
    }

    /**
     * Those of it that live in an enclosure.
     *
     * @param sizes what counts of what was measured
     */
    AnimalToday in(Residents.Stay stay, List<Measurement> sizes) {
      Animal animal = stay.animal();
      Heads heads = Heads.of(stay.count(), stay.all(), animal.males(), animal.females());
      return today(animal, heads, stay.since(), sizes, false, raised.of(animal));
    }

    private AnimalToday today(
        Animal animal,
        Heads heads,
        LocalDate since,
        List<Measurement> sizes,
        boolean eggs,
        Optional<RaisedStage> stage) {
      CareSheet sheet =
          library
              .find(animal.species())
              .orElseThrow(() -> new IllegalStateException("no care sheet " + animal.species()));
      Keeping keeping =
          new Keeping(
                  Optional.ofNullable(animal.statedStage()),
                  Optional.ofNullable(animal.school())
                      .or(() -> Optional.ofNullable(schools.get(sheet.id()))),
                  Optional.of(since),
                  animal.alsoFed(),
                  animal.ration(),
                  Optional.empty())
              .resting(Optional.ofNullable(rests.get(animal.id())), false);
      AnimalFacts.Life life =
          new AnimalFacts.Life(eggs, stage, animal.background().hatched(), animal.formSince());
      List<Sizing> all =
          Stream.concat(
                  sizes.stream().map(AnimalFactsOfBooks::sizing), raised.sizes(animal).stream())
              .toList();
      AnimalFacts facts =
          new AnimalFacts(
              animal.name(),
              sheet,
              heads,
              keeping,
              life,
              menus.getOrDefault(animal.id(), List.of()),
              all);
      AnimalToday now = AnimalToday.of(facts, day);
      return now.noted(health.notes(animal, now.resident()));
    }
  }

  private static Sizing sizing(Measurement m) {
    return new Sizing(m.day(), value(m.lengthCm()), value(m.smallestCm()), value(m.massG()));
  }

  private static OptionalDouble value(@Nullable Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }
}
