package app.islet.web.health;

import app.islet.core.animal.Resident;
import app.islet.core.health.RecordFacts;
import app.islet.core.health.RecordedFact;
import app.islet.core.livestock.Appetite;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Presence;
import app.islet.core.water.WaterRecord;
import app.islet.web.animal.Animal;
import app.islet.web.animal.Animals;
import app.islet.web.animal.Books;
import app.islet.web.animal.LifeEntry;
import app.islet.web.animal.LifeLog;
import app.islet.web.animal.Measurement;
import app.islet.web.animal.Menus;
import app.islet.web.animal.PlaceRecord;
import app.islet.web.animal.Residents;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.snapshot.EnclosureSnapshot;
import app.islet.web.snapshot.Occupants;
import app.islet.web.snapshot.Snapshots;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** An animal that looks ill, with what the records tell of it. */
@Component
class Patients {
  private final Animals animals;
  private final Books books;
  private final LifeLog life;
  private final Menus menus;
  private final Residents residents;
  private final CareSheetStore sheets;
  private final Snapshots snapshots;

  Patients(
      Animals animals,
      Books books,
      LifeLog life,
      Menus menus,
      Residents residents,
      CareSheetStore sheets,
      Snapshots snapshots) {
    this.animals = animals;
    this.books = books;
    this.life = life;
    this.menus = menus;
    this.residents = residents;
    this.sheets = sheets;
    this.snapshots = snapshots;
  }

  /**
   * The animal.
   *
   * @param home where most of them are; empty for a tub on a shelf
   */
  record Patient(
      Animal animal,
      Resident resident,
      Optional<EnclosureSnapshot> home,
      List<RecordedFact> facts,
      List<LifeEvent> life,
      List<Measurement> sizes) {}

  Patient patient(CollectionContext context, long animalId) {
    Animal animal = animals.get(context, animalId);
    LocalDate today = context.today();
    Ledger ledger = books.ledger(context);
    Census here = ledger.census(animal.key(), today);
    Optional<Census.Line> most =
        here.lines().stream().max(Comparator.comparingInt(Census.Line::count));
    Optional<LocalDate> since =
        most.flatMap(line -> ledger.arrivedOn(animal.key(), line.place(), today));
    List<Measurement> sizes =
        residents.measurements(List.of(animal)).getOrDefault(animalId, List.of());
    int count = Math.max(1, here.heads());
    Resident resident =
        new Occupants(
                sheets.library(context), sheets.schools(context), menus.of(List.of(animal)), today)
            .occupant(new Residents.Stay(animal, 0, count, count, since.orElse(today)), sizes)
            .resident();
    Optional<EnclosureSnapshot> home =
        most.flatMap(line -> Optional.ofNullable(books.places(context).get(line.place())))
            .flatMap(PlaceRecord::enclosureId)
            .map(id -> snapshots.get(context, id));
    List<LifeEvent> events = life.of(animal).stream().map(LifeEntry::event).toList();
    RecordFacts.Books known =
        new RecordFacts.Books(
            since,
            companyCame(ledger, animal, most),
            Appetite.of(resident, events, today).map(Appetite::refusals).orElse(0));
    List<RecordedFact> facts =
        home.map(
                h ->
                    RecordFacts.of(
                        resident, h.assessment().review().findings(), h.water(), known, today))
            .orElseGet(() -> RecordFacts.of(resident, List.of(), WaterRecord.NONE, known, today));
    return new Patient(animal, resident, home, facts, events, sizes);
  }

  private static Optional<LocalDate> companyCame(
      Ledger ledger, Animal animal, Optional<Census.Line> most) {
    return most.flatMap(
        line ->
            ledger.together(animal.key()).stream()
                .filter(p -> p.place().equals(line.place()) && p.until().isEmpty())
                .map(Presence::from)
                .max(Comparator.naturalOrder()));
  }
}
