package app.islet.web.page.health;

import app.islet.core.care.CareLibrary;
import app.islet.core.climate.Season;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.IncidentGroups;
import app.islet.core.livestock.IncidentRate;
import app.islet.core.livestock.Incidents;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Origin;
import app.islet.core.water.SaltHistory;
import app.islet.web.base.figure.RateRow;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Rooms;
import app.islet.web.store.health.HealthCase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How often animals fell ill for the time they were kept, by what divides it: what clusters. */
@Component
class Clusters {
  private final Books books;
  private final Animals animals;
  private final EnclosureStore enclosures;
  private final CareSheetStore sheets;
  private final Designs designs;
  private final Rooms rooms;

  Clusters(
      Books books,
      Animals animals,
      EnclosureStore enclosures,
      CareSheetStore sheets,
      Designs designs,
      Rooms rooms) {
    this.books = books;
    this.animals = animals;
    this.enclosures = enclosures;
    this.sheets = sheets;
    this.designs = designs;
    this.rooms = rooms;
  }

  /**
   * One way to divide the time.
   *
   * @param rows with cases, the most frequent first
   * @param none without any, those with the most time first
   * @param verdict whether two of them differ without doubt
   */
  record Table(String title, List<RateRow> rows, List<RateRow> none, String verdict) {}

  /** Cases of the last year by tank, season, school, source and water. */
  List<Table> of(CollectionContext context, List<HealthCase> all) {
    Ledger ledger = books.ledger(context);
    List<IncidentGroups.Case> cases = new ArrayList<>();
    for (HealthCase c : all) {
      ledger.census(String.valueOf(c.animalId()), c.beganOn()).lines().stream()
          .max(Comparator.comparingInt(Census.Line::count))
          .ifPresent(
              line ->
                  cases.add(
                      new IncidentGroups.Case(
                          String.valueOf(c.animalId()), line.place(), c.beganOn())));
    }
    List<Animal> living = animals.all(context);
    Map<String, Animal> byKey =
        living.stream().collect(Collectors.toMap(Animal::key, Function.identity()));
    List<Table> tables = new ArrayList<>();
    groupings(context, byKey)
        .forEach(
            (title, grouping) ->
                tables.add(
                    table(
                        title,
                        IncidentGroups.of(
                            ledger,
                            byKey.keySet(),
                            cases,
                            grouping,
                            context.today().minusYears(1),
                            context.today()),
                        context.units())));
    return List.copyOf(tables);
  }

  private Map<String, IncidentGroups.Grouping> groupings(
      CollectionContext context, Map<String, Animal> byKey) {
    List<EnclosureRecord> all = enclosures.all(context);
    Map<Long, String> names =
        all.stream().collect(Collectors.toMap(EnclosureRecord::id, EnclosureRecord::name));
    Map<String, Long> enclosureOf = new HashMap<>();
    books.places(context).values().forEach(place -> put(place, enclosureOf));
    Map<Long, SaltHistory> salt = designs.salt(context, all);
    CareLibrary library = sheets.library(context);
    Map<String, String> chosen = sheets.schools(context);
    boolean south = rooms.all(context).stream().anyMatch(room -> room.site().isSouth());
    Map<String, IncidentGroups.Grouping> groupings = new LinkedHashMap<>();
    groupings.put(
        Messages.text("health.by-tank"),
        (key, place, day) ->
            Optional.ofNullable(enclosureOf.get(place))
                .map(names::get)
                .orElse(Messages.text("health.tub")));
    groupings.put(
        Messages.text("health.by-season"), (key, place, day) -> Season.of(day, south).words());
    groupings.put(
        Messages.text("health.by-school"),
        (key, place, day) -> school(library, chosen, byKey.get(key)));
    groupings.put(Messages.text("health.by-source"), (key, place, day) -> source(byKey.get(key)));
    groupings.put(
        Messages.text("health.by-water"),
        (key, place, day) ->
            Optional.ofNullable(enclosureOf.get(place))
                .map(salt::get)
                .map(history -> history.on(day).words())
                .orElse(""));
    return groupings;
  }

  private static void put(PlaceRecord place, Map<String, Long> enclosureOf) {
    place.enclosureId().ifPresent(id -> enclosureOf.put(place.key(), id));
  }

  private static String school(CareLibrary library, Map<String, String> chosen, Animal animal) {
    return library
        .find(animal.species())
        .map(
            sheet ->
                sheet.name()
                    + ": "
                    + Optional.ofNullable(animal.school())
                        .orElse(chosen.getOrDefault(sheet.id(), sheet.school().name())))
        .orElse("");
  }

  private static String source(Animal animal) {
    return Optional.ofNullable(animal.background().origin())
        .map(origin -> originWords(origin))
        .orElse(Messages.text("health.source-unknown"));
  }

  private static String originWords(Origin origin) {
    String key = "about.origin-" + origin.name().toLowerCase(Locale.ROOT);
    return Messages.text(key);
  }

  private static Table table(String title, List<Incidents> groups, Units u) {
    Map<Boolean, List<RateRow>> rows =
        groups.stream()
            .sorted(
                Comparator.comparingDouble(Clusters::rate)
                    .thenComparingDouble(Incidents::animalMonths)
                    .reversed())
            .collect(
                Collectors.partitioningBy(
                    i -> i.cases() > 0,
                    Collectors.mapping(i -> RateRow.of(i.place(), i, u), Collectors.toList())));
    String verdict =
        groups.size() < 2
            ? ""
            : IncidentGroups.differing(groups)
                .map(two -> Messages.text("health.oftener", two.get(0).place(), two.get(1).place()))
                .orElse(Messages.text("health.no-difference"));
    return new Table(title, rows.get(true), rows.get(false), verdict);
  }

  private static double rate(Incidents i) {
    return i.rate().map(IncidentRate::perAnimalMonth).orElse(0.0);
  }
}
