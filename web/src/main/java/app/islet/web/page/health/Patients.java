package app.islet.web.page.health;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.health.RecordFacts;
import app.islet.core.health.RecordedFact;
import app.islet.core.livestock.Appetite;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Presence;
import app.islet.core.water.WaterRecord;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.AnimalSnapshot;
import app.islet.web.reading.snapshot.AnimalSnapshots;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Books;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** An animal that looks ill, with what the records tell of it. */
@Component
class Patients {
  private final AnimalSnapshots animals;
  private final Books books;

  Patients(AnimalSnapshots animals, Books books) {
    this.animals = animals;
    this.books = books;
  }

  /** The animal. */
  record Patient(AnimalSnapshot snapshot, List<RecordedFact> facts) {
    public Animal animal() {
      return snapshot.animal();
    }

    public Resident resident() {
      return snapshot.resident();
    }

    Ill ill() {
      return new Ill(resident().sheet(), resident().stage(), facts);
    }

    /** Where most of them are; empty for a tub on a shelf. */
    public Optional<EnclosureSnapshot> home() {
      return snapshot.home();
    }
  }

  /**
   * All that signs are judged by.
   *
   * @param facts what the records tell; none of an animal nobody keeps a record of
   */
  record Ill(CareSheet sheet, Stage stage, List<RecordedFact> facts) {}

  Patient patient(CollectionContext context, long animalId) {
    AnimalSnapshot s = animals.get(context, animalId);
    LocalDate today = context.today();
    List<LifeEvent> events = s.events();
    RecordFacts.Books known =
        new RecordFacts.Books(
            s.since(),
            companyCame(books.ledger(context), s),
            Appetite.of(s.resident(), events, today).map(Appetite::refusals).orElse(0));
    List<RecordedFact> facts =
        s.home()
            .map(
                h ->
                    RecordFacts.of(
                        s.resident(), h.assessment().review().findings(), h.water(), known, today))
            .orElseGet(
                () -> RecordFacts.of(s.resident(), List.of(), WaterRecord.NONE, known, today));
    return new Patient(s, facts);
  }

  private static Optional<LocalDate> companyCame(Ledger ledger, AnimalSnapshot s) {
    return s.most()
        .flatMap(
            line ->
                ledger.together(s.animal().key()).stream()
                    .filter(p -> p.place().equals(line.place()) && p.until().isEmpty())
                    .map(Presence::from)
                    .max(Comparator.naturalOrder()));
  }
}
