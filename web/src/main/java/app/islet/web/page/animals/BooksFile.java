package app.islet.web.page.animals;

import app.islet.core.document.LedgerFile;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.web.store.animal.Animal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** The books with names for keys, to be written to a file and read from one. */
final class BooksFile {
  private final Map<String, String> names = new HashMap<>();
  private final Map<String, String> keys = new HashMap<>();
  private final PlaceNames places;

  BooksFile(List<Animal> animals, PlaceNames places) {
    this.places = places;
    Map<String, Long> called =
        animals.stream().collect(Collectors.groupingBy(Animal::name, Collectors.counting()));
    for (Animal animal : animals) {
      boolean only = Objects.equals(called.get(animal.name()), 1L);
      String name = only ? animal.name() : animal.name() + " #" + animal.id();
      names.put(animal.key(), name);
      keys.put(name, animal.key());
    }
  }

  String write(Ledger ledger) {
    List<Movement> all = new ArrayList<>();
    for (String animals : ledger.animals()) {
      for (Movement m : ledger.movements(animals)) {
        all.add(renamed(m, key -> names.getOrDefault(key, key), places::name));
      }
    }
    all.sort(Comparator.comparing(Movement::day));
    return LedgerFile.write(all);
  }

  /** Key of the animals of that name; empty where the books have none. */
  Optional<String> key(String name) {
    return Optional.ofNullable(keys.get(name));
  }

  /** Names of places in it that the collection does not have. */
  List<String> unknownPlaces(List<Movement> movements) {
    return movements.stream()
        .flatMap(m -> List.of(m.from(), m.to()).stream())
        .filter(Place::isKept)
        .map(Place::name)
        .distinct()
        .filter(name -> places.find(name).isEmpty())
        .toList();
  }

  /** The same by the keys of the books. */
  List<Movement> keyed(List<Movement> movements, Map<String, String> newKeys) {
    UnaryOperator<String> animal =
        name -> key(name).orElseGet(() -> Objects.requireNonNull(newKeys.get(name), name));
    return movements.stream()
        .map(m -> renamed(m, animal, name -> places.find(name).orElseThrow()))
        .toList();
  }

  private static Movement renamed(
      Movement m, UnaryOperator<String> animal, UnaryOperator<String> place) {
    return new Movement(
        m.day(),
        animal.apply(m.animals()),
        m.count(),
        renamed(m.from(), animal, place),
        renamed(m.to(), animal, place),
        m.cause(),
        m.note());
  }

  private static Place renamed(
      Place place, UnaryOperator<String> animal, UnaryOperator<String> kept) {
    return switch (place.kind()) {
      case KEPT -> Place.kept(kept.apply(place.name()));
      case OTHER -> new Place(Place.Kind.OTHER, animal.apply(place.name()));
      default -> place;
    };
  }

  /** Those that the books do not have yet, each as often as it is missing. */
  static List<Movement> missing(List<Movement> read, Ledger ledger) {
    Map<Movement, Integer> there = new HashMap<>();
    ledger
        .animals()
        .forEach(a -> ledger.movements(a).forEach(m -> there.merge(m, 1, Integer::sum)));
    List<Movement> missing = new ArrayList<>();
    for (Movement m : read) {
      int left = there.getOrDefault(m, 0);
      if (left > 0) {
        there.put(m, left - 1);
      } else {
        missing.add(m);
      }
    }
    return missing;
  }
}
