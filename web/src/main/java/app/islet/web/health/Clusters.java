package app.islet.web.health;

import app.islet.core.livestock.IncidentRate;
import app.islet.core.livestock.Incidents;
import app.islet.core.livestock.Ledger;
import app.islet.web.animal.Animal;
import app.islet.web.animal.Animals;
import app.islet.web.animal.Books;
import app.islet.web.animal.PlaceRecord;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureRecord;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.healthlog.HealthCase;
import app.islet.web.support.Messages;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How often animals fell ill, by where they lived: what clusters. */
@Component
class Clusters {
  private final Books books;
  private final Animals animals;
  private final EnclosureStore enclosures;

  Clusters(Books books, Animals animals, EnclosureStore enclosures) {
    this.books = books;
    this.animals = animals;
    this.enclosures = enclosures;
  }

  /** Cases of the last year for the time animals were there, a sentence for each enclosure. */
  List<String> often(CollectionContext context, List<HealthCase> all) {
    Ledger ledger = books.ledger(context);
    Map<String, PlaceRecord> places = books.places(context);
    List<Incidents.Case> cases = new ArrayList<>();
    for (HealthCase c : all) {
      ledger.census(String.valueOf(c.animalId()), c.beganOn()).lines().stream()
          .findFirst()
          .ifPresent(line -> cases.add(new Incidents.Case(c.beganOn(), line.place(), 1)));
    }
    Map<Long, String> names =
        enclosures.all(context).stream()
            .collect(Collectors.toMap(EnclosureRecord::id, EnclosureRecord::name));
    return Incidents.of(
            ledger,
            animals.all(context).stream().map(Animal::key).toList(),
            cases,
            context.today().minusYears(1),
            context.today())
        .stream()
        .filter(i -> i.cases() > 0 && i.rate().isPresent())
        .map(i -> often(i, places, names))
        .toList();
  }

  private static String often(
      Incidents i, Map<String, PlaceRecord> places, Map<Long, String> names) {
    String where =
        Optional.ofNullable(places.get(i.place()))
            .flatMap(PlaceRecord::enclosureId)
            .map(names::get)
            .orElse(Messages.text("health.tub"));
    IncidentRate rate = i.rate().orElseThrow();
    return where
        + ": "
        + Messages.text(
            "health.cases-in",
            i.cases(),
            Math.round(i.animalMonths()),
            two(rate.perAnimalMonth()),
            two(rate.low()),
            two(rate.high()));
  }

  private static String two(double rate) {
    return String.format(Locale.ROOT, "%.2f", rate);
  }
}
