package app.islet.web.reading.snapshot;

import app.islet.core.animal.HealthNote;
import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareLibrary;
import app.islet.core.health.HealthTables;
import app.islet.core.health.Sign;
import app.islet.core.health.Skin;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Missing;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.LifeLog;
import app.islet.web.store.health.HealthLog;
import app.islet.web.store.health.HealthTableStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Reads from the logs what the health of animals asks for today. */
@Component
class HealthOfLogs {
  private final HealthLog health;
  private final LifeLog life;
  private final HealthTableStore tables;

  HealthOfLogs(HealthLog health, LifeLog life, HealthTableStore tables) {
    this.health = health;
    this.life = life;
    this.tables = tables;
  }

  Known of(CollectionContext context, Collection<Animal> some, CareLibrary library) {
    List<Animal> crabs =
        some.stream()
            .filter(
                animal ->
                    library
                        .find(animal.species())
                        .filter(sheet -> sheet.group() == AnimalGroup.CRAB)
                        .isPresent())
            .toList();
    return new Known(
        context.today(),
        tables.tables(context),
        health.open(context, some),
        life.moults(crabs),
        life.missed(some));
  }

  /**
   * What is known of some animals, read at once.
   *
   * @param moults of crabs that dug in or moulted, by their numbers
   * @param missed of those that were once not found
   */
  record Known(
      LocalDate day,
      HealthTables tables,
      HealthLog.Open open,
      Map<Long, List<LifeEvent>> moults,
      Map<Long, List<LifeEvent>> missed) {
    List<HealthNote> notes(Animal animal, Resident r) {
      List<HealthNote> notes = new ArrayList<>();
      open.courses()
          .getOrDefault(animal.id(), List.of())
          .forEach(c -> notes.add(c.run().note(c.record().id(), day)));
      open.cases()
          .getOrDefault(animal.id(), List.of())
          .forEach(
              c ->
                  notes.add(
                      Sign.note(
                          c.id(),
                          c.signs().stream().flatMap(id -> tables.sign(id).stream()).toList(),
                          c.beganOn(),
                          animal.single())));
      List<LifeEvent> events = moults.getOrDefault(animal.id(), List.of());
      if (!events.isEmpty()) {
        Skin.of(tables.skin(r.sheet().group()), r.bodyCm(), animal.single(), events, day)
            .note(animal.single(), day)
            .ifPresent(notes::add);
      }
      Missing.of(
              r.stage(),
              animal.single(),
              missed.getOrDefault(animal.id(), List.of()),
              r.arrivedOn(),
              day)
          .ifPresent(missing -> notes.add(missing.note(animal.id(), day)));
      return notes;
    }
  }
}
