package app.islet.web.page.animals;

import app.islet.core.livestock.Census;
import app.islet.core.livestock.Place;
import app.islet.web.base.support.Messages;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.enclosure.EnclosureRecord;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What the places of a collection are called, by their keys on the books. */
final class PlaceNames {
  private final Map<String, PlaceRecord> places;
  private final Map<Long, String> enclosures;

  PlaceNames(Map<String, PlaceRecord> places, Collection<EnclosureRecord> enclosures) {
    this.places = places;
    this.enclosures =
        enclosures.stream().collect(Collectors.toMap(EnclosureRecord::id, EnclosureRecord::name));
  }

  Map<String, PlaceRecord> places() {
    return places;
  }

  Optional<PlaceRecord> place(String key) {
    return Optional.ofNullable(places.get(key));
  }

  /** As in {@code Slate tank} or {@code Slate tank: Tub 3}. */
  String name(String key) {
    PlaceRecord place = Objects.requireNonNull(places.get(key), key);
    String enclosure = place.enclosureId().map(enclosures::get).orElse("");
    if (place.kind() == PlaceRecord.Kind.ENCLOSURE || enclosure.isEmpty()) {
      return enclosure + place.name();
    }
    return enclosure + ": " + place.name();
  }

  /** A place, where they came from, or how they left. */
  String words(Place place, Function<String, String> animals) {
    return switch (place.kind()) {
      case KEPT -> name(place.name());
      case OTHER -> animals.apply(place.name());
      default -> Messages.text("way." + place.kind().word());
    };
  }

  boolean isEggs(String key) {
    return Objects.requireNonNull(places.get(key), key).kind() == PlaceRecord.Kind.EGGS;
  }

  /** The enclosure a place is in; empty for a tub on a shelf. */
  Optional<Long> enclosureOf(String key) {
    return Objects.requireNonNull(places.get(key), key).enclosureId();
  }

  /** Where some animals are, with their number in each. */
  List<AnimalView.Home> homes(Census here) {
    return here.lines().stream()
        .map(
            line ->
                new AnimalView.Home(
                    enclosureOf(line.place()).orElse(null), name(line.place()), line.count()))
        .toList();
  }

  /** Every place in use, by its key, those of one enclosure together. */
  Map<String, String> all() {
    Map<String, String> all = new LinkedHashMap<>();
    places.values().stream()
        .filter(place -> !place.closed())
        .sorted(
            Comparator.<PlaceRecord, Long>comparing(p -> p.enclosureId().orElse(Long.MAX_VALUE))
                .thenComparing(PlaceRecord::id))
        .forEach(place -> all.put(place.key(), name(place.key())));
    return all;
  }

  /** The place of that name, as {@link #name} writes it; of several the one that is in use. */
  Optional<String> find(String name) {
    List<PlaceRecord> found =
        places.values().stream().filter(place -> name(place.key()).equals(name)).toList();
    List<PlaceRecord> used = found.stream().filter(place -> !place.closed()).toList();
    List<PlaceRecord> candidates = used.isEmpty() ? found : used;
    return candidates.size() == 1 ? Optional.of(candidates.get(0).key()) : Optional.empty();
  }
}
