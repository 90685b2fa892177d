package app.islet.core.livestock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.ObjIntConsumer;

/** All movements of one animal or group, in an order in which they can have happened. */
final class Book {
  private final String animals;
  private final List<Movement> movements;

  /** What stands where after the last of them. */
  private final Map<Account, Integer> standing;

  /** The dead are counted by cause, so that undoing one death cannot undo another. */
  private record Account(Place place, String cause) {
    static Account of(Place place, String cause) {
      return new Account(place, place.kind() == Place.Kind.DIED ? cause : "");
    }
  }

  private Book(String animals, List<Movement> movements, Map<Account, Integer> standing) {
    this.animals = animals;
    this.movements = movements;
    this.standing = standing;
  }

  static Book empty(String animals) {
    return new Book(animals, List.of(), Map.of());
  }

  /**
   * The same with more movements; those before them are looked at again only where they must be.
   */
  Book with(List<Movement> more) {
    LocalDate first = more.stream().map(Movement::day).min(Comparator.naturalOrder()).orElseThrow();
    int keep = movements.size();
    while (keep > 0 && !movements.get(keep - 1).day().isBefore(first)) {
      keep--;
    }
    List<Movement> open = new ArrayList<>(movements.subList(keep, movements.size()));
    open.addAll(more);
    open.sort(Comparator.comparing(Movement::day));
    List<Movement> done = new ArrayList<>(movements.subList(0, keep));
    Map<Account, Integer> stand = new HashMap<>();
    if (keep == movements.size()) {
      stand.putAll(standing);
    } else {
      done.forEach(m -> post(stand, m));
    }
    int at = 0;
    while (at < open.size()) {
      int next = at;
      while (next < open.size() && open.get(next).day().equals(open.get(at).day())) {
        next++;
      }
      postDay(new ArrayList<>(open.subList(at, next)), stand, done);
      at = next;
    }
    return new Book(animals, List.copyOf(done), Map.copyOf(stand));
  }

  /** Nobody writes down the hour: of one day each waits until it can have happened. */
  private void postDay(List<Movement> day, Map<Account, Integer> stand, List<Movement> done) {
    boolean moved = true;
    while (moved && !day.isEmpty()) {
      moved = false;
      for (Iterator<Movement> each = day.iterator(); each.hasNext(); ) {
        Movement m = each.next();
        if (m.count() <= available(stand, m)) {
          post(stand, m);
          done.add(m);
          each.remove();
          moved = true;
        }
      }
    }
    if (!day.isEmpty()) {
      Movement m = day.get(0);
      throw UnbalancedException.tooFew(m, available(stand, m));
    }
  }

  private static int available(Map<Account, Integer> stand, Movement m) {
    if (m.to().kind() == Place.Kind.BEGUN) {
      int begun = -stand.getOrDefault(Account.of(Place.BEGUN, ""), 0);
      return Math.min(begun, standing(stand, m));
    }
    return standing(stand, m);
  }

  private static int standing(Map<Account, Integer> stand, Movement m) {
    return m.from().kind() == Place.Kind.BEGUN || m.from().kind() == Place.Kind.OTHER
        ? Integer.MAX_VALUE
        : stand.getOrDefault(Account.of(m.from(), m.cause()), 0);
  }

  private static void post(Map<Account, Integer> stand, Movement m) {
    stand.merge(Account.of(m.from(), m.cause()), -m.count(), Integer::sum);
    stand.merge(Account.of(m.to(), m.cause()), m.count(), Integer::sum);
  }

  String animals() {
    return animals;
  }

  List<Movement> movements() {
    return movements;
  }

  private Map<Account, Integer> standingOn(LocalDate day) {
    if (movements.isEmpty() || !movements.get(movements.size() - 1).day().isAfter(day)) {
      return standing;
    }
    Map<Account, Integer> stand = new HashMap<>();
    for (Movement m : movements) {
      if (m.day().isAfter(day)) {
        break;
      }
      post(stand, m);
    }
    return stand;
  }

  /** Each place some of them are kept in at the end of a day, with how many. */
  void kept(LocalDate day, ObjIntConsumer<String> each) {
    Map<String, Integer> places = new TreeMap<>();
    standingOn(day)
        .forEach(
            (account, count) -> {
              if (account.place.isKept() && count > 0) {
                places.put(account.place.name(), count);
              }
            });
    places.forEach(each::accept);
  }

  /**
   * Up to the end of a day.
   *
   * @param family those among whom handing over changes nothing
   */
  Balance balance(LocalDate day, Set<String> family) {
    int begun = 0;
    int alive = 0;
    int joined = 0;
    int parted = 0;
    Map<String, Integer> died = new LinkedHashMap<>();
    Map<Place.Kind, Integer> left = new TreeMap<>();
    for (Map.Entry<Account, Integer> each : standingOn(day).entrySet()) {
      Place place = each.getKey().place;
      int count = each.getValue();
      switch (place.kind()) {
        case BEGUN -> begun -= count;
        case KEPT -> alive += count;
        case OTHER -> {
          boolean inside = family.contains(place.name());
          joined += inside ? 0 : Math.max(0, -count);
          parted += inside ? 0 : Math.max(0, count);
        }
        case DIED -> died.merge(each.getKey().cause, count, Integer::sum);
        default -> left.merge(place.kind(), count, Integer::sum);
      }
    }
    died.values().removeIf(n -> n == 0);
    left.values().removeIf(n -> n == 0);
    return new Balance(animals, begun, alive, new TreeMap<>(died), left, joined, parted);
  }

  /** How many were in a place at the end of each day on which that changed. */
  NavigableMap<LocalDate, Integer> course(Place place) {
    NavigableMap<LocalDate, Integer> course = new TreeMap<>();
    int count = 0;
    for (Movement m : movements) {
      int change =
          (m.to().equals(place) ? m.count() : 0) - (m.from().equals(place) ? m.count() : 0);
      if (change != 0) {
        count += change;
        course.put(m.day(), count);
      }
    }
    return course;
  }

  /** From whom some were taken over in a place on a day, and how many. */
  Map<String, Integer> handedOver(Place place, LocalDate day) {
    Map<String, Integer> from = new TreeMap<>();
    for (Movement m : movements) {
      if (m.day().equals(day) && m.to().equals(place) && m.from().kind() == Place.Kind.OTHER) {
        from.merge(m.from().name(), m.count(), Integer::sum);
      }
    }
    return from;
  }
}
