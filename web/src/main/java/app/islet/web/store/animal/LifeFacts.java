package app.islet.web.store.animal;

import app.islet.core.animal.AnimalToday;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.LifeDates;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The days of an animal's life that are known, or follow from the books. */
public final class LifeFacts {
  private LifeFacts() {}

  /**
   * @param today what it is
   * @param places of the collection, by their keys
   */
  public static LifeDates dates(
      Animal animal, AnimalToday today, Ledger ledger, Map<String, PlaceRecord> places) {
    List<Movement> moved = ledger.movements(animal.key());
    Optional<LocalDate> laid =
        moved.stream().filter(m -> isEggs(m.to(), places)).map(Movement::day).findFirst();
    Optional<LocalDate> hatched =
        animal
            .background()
            .hatched()
            .or(
                () ->
                    moved.stream()
                        .filter(m -> isEggs(m.from(), places) && m.to().isKept())
                        .map(Movement::day)
                        .findFirst());
    return new LifeDates(laid, hatched, today.formSince());
  }

  private static boolean isEggs(Place place, Map<String, PlaceRecord> places) {
    PlaceRecord known = place.isKept() ? places.get(place.name()) : null;
    return known != null && known.kind() == PlaceRecord.Kind.EGGS;
  }
}
