package app.islet.web.page.health;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Purpose;
import app.islet.core.health.HealthTables;
import app.islet.core.health.HeldStay;
import app.islet.core.quantity.Range;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.summary.EnclosureSummary;
import app.islet.web.reading.summary.Summaries;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.health.HealthTableStore;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Who is in a holding tub, for how long, and where it belongs. */
@Component
class HeldLines {
  private final Summaries summaries;
  private final EnclosureStore enclosures;
  private final Books books;
  private final Animals animals;
  private final CareSheetStore sheets;
  private final HealthTableStore tables;

  HeldLines(
      Summaries summaries,
      EnclosureStore enclosures,
      Books books,
      Animals animals,
      CareSheetStore sheets,
      HealthTableStore tables) {
    this.tables = tables;
    this.summaries = summaries;
    this.enclosures = enclosures;
    this.books = books;
    this.animals = animals;
    this.sheets = sheets;
  }

  /**
   * One stay.
   *
   * @param day as in {@code Quarantine, day 18 of 42 to 84}
   * @param home where it belongs, or that it is new
   */
  record Line(long animalId, String who, String day, String home, boolean isLong) {}

  List<Line> of(CollectionContext context) {
    List<EnclosureSummary> all = summaries.of(context, enclosures.all(context));
    Map<Long, Purpose> purposes =
        all.stream()
            .filter(e -> e.purpose().isHolding())
            .collect(Collectors.toMap(EnclosureSummary::id, EnclosureSummary::purpose));
    if (purposes.isEmpty()) {
      return List.of();
    }
    Map<Long, String> names =
        all.stream().collect(Collectors.toMap(EnclosureSummary::id, EnclosureSummary::name));
    Map<String, Purpose> byPlace = new HashMap<>();
    Map<String, String> placeNames = new HashMap<>();
    books
        .places(context)
        .values()
        .forEach(place -> name(place, purposes, names, byPlace, placeNames));
    Map<String, Animal> known =
        animals.all(context).stream().collect(Collectors.toMap(Animal::key, Function.identity()));
    CareLibrary library = sheets.library(context);
    HealthTables tablesHere = tables.tables(context);
    LocalDate today = context.today();
    return HeldStay.of(
            books.ledger(context),
            byPlace,
            key -> days(tablesHere, library, Optional.ofNullable(known.get(key))),
            today)
        .stream()
        .filter(stay -> known.containsKey(stay.animals()))
        .map(stay -> line(stay, known.get(stay.animals()), placeNames, today))
        .toList();
  }

  private static void name(
      PlaceRecord place,
      Map<Long, Purpose> purposes,
      Map<Long, String> names,
      Map<String, Purpose> byPlace,
      Map<String, String> placeNames) {
    place
        .enclosureId()
        .ifPresent(
            id -> {
              placeNames.put(place.key(), names.getOrDefault(id, ""));
              if (purposes.containsKey(id)) {
                byPlace.put(place.key(), purposes.get(id));
              }
            });
  }

  private static Range days(HealthTables tables, CareLibrary library, Optional<Animal> animal) {
    Optional<CareSheet> sheet = animal.flatMap(a -> library.find(a.species()));
    return sheet
        .map(
            s ->
                tables
                    .arrival(s)
                    .days(animal.flatMap(a -> Optional.ofNullable(a.background().origin()))))
        .orElse(new Range(0, 0));
  }

  private static Line line(
      HeldStay stay, Animal animal, Map<String, String> places, LocalDate today) {
    String home =
        stay.home()
            .map(key -> Messages.text("health.held.home", places.getOrDefault(key, "")))
            .orElse(Messages.text("health.held.new"));
    return new Line(animal.id(), animal.name(), stay.words(today), home, stay.isLong(today));
  }
}
