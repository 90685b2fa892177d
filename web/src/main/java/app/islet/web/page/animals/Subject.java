package app.islet.web.page.animals;

import app.islet.core.animal.AnimalToday;
import app.islet.core.animal.Resident;
import app.islet.core.animal.StageBasis;
import app.islet.core.enclosure.Purpose;
import app.islet.core.health.HealthTables;
import app.islet.core.health.HeldStay;
import app.islet.core.health.Skin;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.LifeDates;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Missing;
import app.islet.core.livestock.NextStage;
import app.islet.core.livestock.Origin;
import app.islet.core.quantity.DayWindow;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterRecord;
import app.islet.web.reading.snapshot.AnimalSnapshot;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.LifeEntry;
import app.islet.web.store.animal.LifeFacts;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.animal.Photo;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** An animal with all that is known of it, for its pages. */
record Subject(AnimalSnapshot snapshot, List<Photo> photos, Books books, LocalDate today) {
  /** What the books say, the names of the places in them, and the tables of health. */
  record Books(Ledger ledger, PlaceNames names, HealthTables tables) {}

  /** A water test so old says nothing of the water now. */
  private static final int OLD_TEST_DAYS = 21;

  Animal animal() {
    return snapshot.animal();
  }

  Resident resident() {
    return snapshot.resident();
  }

  AnimalToday facts() {
    return snapshot.facts();
  }

  Optional<EnclosureSnapshot> home() {
    return snapshot.home();
  }

  List<Measurement> sizes() {
    return snapshot.sizes();
  }

  List<LifeEntry> entries() {
    return snapshot.entries();
  }

  List<LifeEvent> events() {
    return snapshot.events();
  }

  boolean isHere() {
    return snapshot.isHere();
  }

  /** Where it is, and how many there are by what was counted. */
  Census here() {
    return books.ledger().census(animal().key(), today);
  }

  boolean isEggs() {
    return resident().stage().hatch().isPresent();
  }

  LifeDates dates() {
    return LifeFacts.dates(animal(), facts(), books.ledger(), books.names().places());
  }

  /** Where it stands in its moult or shed. */
  Skin skin() {
    return Skin.of(
        books.tables().skin(resident().sheet().group()),
        resident().bodyCm(),
        animal().single(),
        events(),
        today);
  }

  /** Whether somebody looks for it. */
  Optional<Missing> missing() {
    return isHere()
        ? Missing.of(resident().stage(), animal().single(), events(), resident().arrivedOn(), today)
        : Optional.empty();
  }

  /** Its time in a holding tub; empty where it is at home. */
  Optional<HeldStay> held() {
    Map<String, Purpose> purposes = new HashMap<>();
    home()
        .filter(in -> in.design().purpose().isHolding())
        .ifPresent(
            in ->
                here().lines().stream()
                    .map(Census.Line::place)
                    .filter(
                        key ->
                            books.names().enclosureOf(key).filter(id -> id == in.id()).isPresent())
                    .forEach(key -> purposes.put(key, in.design().purpose())));
    Optional<Origin> origin = Optional.ofNullable(animal().background().origin());
    return HeldStay.of(
            books.ledger(),
            List.of(animal().key()),
            purposes,
            key -> books.tables().arrival(resident().sheet()).days(origin),
            today)
        .stream()
        .findFirst();
  }

  Optional<NextStage> nextStage() {
    if (!isHere()) {
      return Optional.empty();
    }
    OptionalDouble waterC = isEggs() ? waterC() : OptionalDouble.empty();
    return NextStage.of(resident(), dates(), facts().growth(), waterC, today)
        .map(next -> asRaised(next).map(next::within).orElse(next));
  }

  /** Young that are raised change when their batch does. */
  private Optional<DayWindow> asRaised(NextStage next) {
    boolean raised =
        facts().basis() == StageBasis.BATCH_SEEN || facts().basis() == StageBasis.BATCH_FORECAST;
    return snapshot.batch().filter(b -> raised).flatMap(b -> b.expected(next.next()));
  }

  /** The enclosure itself, where all of them live in it and not in a tub or in their eggs. */
  Optional<EnclosureSnapshot> livingIn() {
    return home()
        .filter(
            in ->
                in.occupants().stream().anyMatch(o -> o.record().id().equals(animal().id()))
                    && here().lines().size() == 1);
  }

  /** Temperature of its water, where it was measured of late, °C. */
  OptionalDouble waterC() {
    return home()
        .map(EnclosureSnapshot::water)
        .flatMap((WaterRecord record) -> record.newestTest(Parameter.TEMPERATURE))
        .filter(test -> test.day().isAfter(today.minusDays(OLD_TEST_DAYS)))
        .map(test -> OptionalDouble.of(test.values().get(Parameter.TEMPERATURE)))
        .orElse(OptionalDouble.empty());
  }
}
