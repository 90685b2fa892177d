package app.islet.web.animals;

import app.islet.core.animal.Resident;
import app.islet.core.care.Stage;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.web.animal.Animal;
import app.islet.web.animal.Measurement;
import app.islet.web.animal.Residents;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.snapshot.Occupants;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** An animal of the store as the core sees it, wherever it is: in an enclosure, a tub, as eggs. */
@Component
class LivingAnimals {
  private final Residents residents;
  private final CareSheetStore sheets;

  LivingAnimals(Residents residents, CareSheetStore sheets) {
    this.residents = residents;
    this.sheets = sheets;
  }

  /** What was measured of it until today, the oldest first. */
  List<Measurement> sizes(CollectionContext context, Animal animal) {
    return residents.measurements(List.of(animal)).getOrDefault(animal.id(), List.of()).stream()
        .filter(m -> !m.day().isAfter(context.today()))
        .toList();
  }

  /** All there are of it; as one where none is left. */
  Resident resident(CollectionContext context, Animal animal, Ledger ledger, PlaceNames names) {
    LocalDate today = context.today();
    Census here = ledger.census(animal.key(), today);
    LocalDate since =
        here.lines().stream()
            .flatMap(line -> ledger.arrivedOn(animal.key(), line.place(), today).stream())
            .max(LocalDate::compareTo)
            .orElse(today);
    int count = Math.max(1, here.heads());
    Resident resident =
        new Occupants(sheets.library(context), sheets.schools(context), today)
            .occupant(new Residents.Stay(animal, 0, count, count, since), sizes(context, animal))
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
