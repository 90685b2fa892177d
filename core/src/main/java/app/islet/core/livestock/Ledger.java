package app.islet.core.livestock;

import app.islet.core.text.English;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;

/**
 * The books of a collection: every movement there was. Immutable. Each movement takes from one
 * place what it gives to another, and none takes more than is there on its day, so that no census
 * is ever negative and all that were begun are accounted for.
 */
public final class Ledger {
  public static final Ledger EMPTY = new Ledger(Map.of(), Map.of());

  private final Map<String, Book> books;
  private final Map<String, List<Tally>> tallies;

  private Ledger(Map<String, Book> books, Map<String, List<Tally>> tallies) {
    this.books = books;
    this.tallies = tallies;
  }

  /**
   * @throws UnbalancedException if they cannot all have happened
   */
  public static Ledger of(Collection<Movement> movements) {
    return EMPTY.with(movements);
  }

  /**
   * The same with more movements, whatever their days: all of them or none.
   *
   * @throws UnbalancedException if they cannot have happened beside what is on the books
   */
  public Ledger with(Collection<Movement> more) {
    requireBothSides(more);
    return posted(more);
  }

  /**
   * The books of some of the animals: what they handed to others, or took, stands on books that are
   * not here.
   *
   * @throws UnbalancedException if they cannot all have happened
   */
  public static Ledger part(Collection<Movement> movements) {
    return EMPTY.posted(movements);
  }

  private Ledger posted(Collection<Movement> more) {
    Map<String, List<Movement>> byAnimals = new LinkedHashMap<>();
    for (Movement m : more) {
      byAnimals.computeIfAbsent(m.animals(), a -> new ArrayList<>()).add(m);
    }
    Map<String, Book> changed = new LinkedHashMap<>(books);
    byAnimals.forEach(
        (animals, theirs) ->
            changed.put(animals, changed.getOrDefault(animals, Book.empty(animals)).with(theirs)));
    return new Ledger(changed, tallies);
  }

  private record HandOver(LocalDate day, String giving, String taking) {}

  /** What one hands over the other takes: no animal is lost or made between two names. */
  private static void requireBothSides(Collection<Movement> movements) {
    Map<HandOver, Integer> open = new LinkedHashMap<>();
    for (Movement m : movements) {
      if (m.to().kind() == Place.Kind.OTHER) {
        open.merge(new HandOver(m.day(), m.animals(), m.to().name()), m.count(), Integer::sum);
      } else if (m.from().kind() == Place.Kind.OTHER) {
        open.merge(new HandOver(m.day(), m.from().name(), m.animals()), -m.count(), Integer::sum);
      }
    }
    for (Movement m : movements) {
      HandOver mine =
          m.to().kind() == Place.Kind.OTHER
              ? new HandOver(m.day(), m.animals(), m.to().name())
              : new HandOver(m.day(), m.from().name(), m.animals());
      int net = open.getOrDefault(mine, 0);
      if (net != 0) {
        throw UnbalancedException.oneSided(m, Math.abs(net));
      }
    }
  }

  /** The same, with what somebody counted. */
  public Ledger counted(Tally tally) {
    int booked = count(tally.animals(), tally.place(), tally.day());
    if (tally.seen() > booked) {
      throw new IllegalArgumentException(
          "%d of %s were seen in %s on %s, and the books have %d there: enter first where the others came from."
              .formatted(
                  tally.seen(), tally.animals(), tally.place(), English.day(tally.day()), booked));
    }
    Map<String, List<Tally>> changed = new HashMap<>(tallies);
    List<Tally> theirs = new ArrayList<>(changed.getOrDefault(tally.animals(), List.of()));
    theirs.add(tally);
    changed.put(tally.animals(), List.copyOf(theirs));
    return new Ledger(books, changed);
  }

  /** All names on the books, in the order they came. */
  public Set<String> animals() {
    return Collections.unmodifiableSet(books.keySet());
  }

  /** Those of one name, the earliest first. */
  public List<Movement> movements(String animals) {
    return book(animals).movements();
  }

  private Book book(String animals) {
    Book book = books.get(animals);
    return book == null ? Book.empty(animals) : book;
  }

  /** Who was where at the end of a day. */
  public Census census(LocalDate day) {
    List<Census.Line> lines = new ArrayList<>();
    books.values().forEach(book -> list(book, day, lines));
    return new Census(lines);
  }

  /** Where those of one name were at the end of a day. */
  public Census census(String animals, LocalDate day) {
    List<Census.Line> lines = new ArrayList<>();
    list(book(animals), day, lines);
    return new Census(lines);
  }

  private void list(Book book, LocalDate day, List<Census.Line> lines) {
    book.kept(
        day,
        (place, count) ->
            lines.add(
                new Census.Line(
                    book.animals(), place, count, sure(book.animals(), place, count, day))));
  }

  /** Those seen at the last count, and whoever came or went since; the rest are only believed. */
  private int sure(String animals, String place, int count, LocalDate day) {
    return tallies.getOrDefault(animals, List.of()).stream()
        .filter(t -> t.place().equals(place) && !t.day().isAfter(day))
        .reduce((earlier, later) -> later.day().isBefore(earlier.day()) ? earlier : later)
        .map(t -> t.seen() + count - count(animals, place, t.day()))
        .map(seen -> Math.max(0, Math.min(count, seen)))
        .orElse(count);
  }

  public int count(String animals, String place, LocalDate day) {
    Map.Entry<LocalDate, Integer> last = book(animals).course(Place.kept(place)).floorEntry(day);
    return last == null ? 0 : last.getValue();
  }

  /** What became of those of one name, up to the end of a day. */
  public Balance balance(String animals, LocalDate day) {
    return book(animals).balance(day, Set.of());
  }

  /** What became of a batch, with everybody who was singled out of it. */
  public Balance balanceOfAll(String batch, LocalDate day) {
    Set<String> family = offshoots(batch);
    return Balance.together(
        batch, family.stream().map(name -> book(name).balance(day, family)).toList());
  }

  /** The batch itself and all that were ever taken from it, and from those. */
  public Set<String> offshoots(String batch) {
    Set<String> family = new LinkedHashSet<>(List.of(batch));
    Deque<String> open = new ArrayDeque<>(family);
    while (!open.isEmpty()) {
      for (Movement m : movements(open.remove())) {
        if (m.to().kind() == Place.Kind.OTHER && family.add(m.to().name())) {
          open.add(m.to().name());
        }
      }
    }
    return family;
  }

  /**
   * What happened to those of one name, and before they had it to the group they were taken from:
   * whoever is singled out of a group has its history.
   */
  public List<Movement> history(String animals) {
    List<Movement> mine = movements(animals);
    Optional<Movement> came = mine.stream().findFirst();
    if (came.isEmpty() || came.get().from().kind() != Place.Kind.OTHER) {
      return mine;
    }
    LocalDate day = came.get().day();
    List<Movement> all = new ArrayList<>();
    history(came.get().from().name()).stream()
        .filter(m -> !m.day().isAfter(day))
        .filter(m -> !m.to().equals(Place.other(animals)))
        .forEach(all::add);
    all.addAll(mine);
    return List.copyOf(all);
  }

  /**
   * The day the last of them came to a place from elsewhere, up to a day; whoever was singled out
   * of a group there came when the group did.
   */
  public Optional<LocalDate> arrivedOn(String animals, String place, LocalDate day) {
    Place kept = Place.kept(place);
    NavigableMap<LocalDate, Integer> course = book(animals).course(kept).headMap(day, true);
    for (LocalDate when : course.descendingKeySet()) {
      Map.Entry<LocalDate, Integer> earlier = course.lowerEntry(when);
      int before = earlier == null ? 0 : earlier.getValue();
      int more = course.get(when) - before;
      Map<String, Integer> from = book(animals).handedOver(kept, when);
      int handed = from.values().stream().mapToInt(Integer::intValue).sum();
      if (more > handed) {
        return Optional.of(when);
      }
      if (more > 0 && before == 0) {
        return from.keySet().stream()
            .flatMap(giving -> arrivedOn(giving, place, when).stream())
            .max(Comparator.naturalOrder())
            .or(() -> Optional.of(when));
      }
    }
    return Optional.empty();
  }

  /** When some of them were in a place. */
  public List<Presence> presences(String animals) {
    return Presence.of(movements(animals));
  }

  /** Who else was where they were, and when. */
  public List<Presence> together(String animals) {
    List<Presence> mine = presences(animals);
    List<Presence> shared = new ArrayList<>();
    for (String other : books.keySet()) {
      if (!other.equals(animals)) {
        for (Presence theirs : presences(other)) {
          mine.forEach(p -> p.shared(theirs).ifPresent(shared::add));
        }
      }
    }
    shared.sort(Comparator.comparing(Presence::from).thenComparing(Presence::animals));
    return List.copyOf(shared);
  }

  /** Days that those of these names spent in these places, up to the end of the last day. */
  public double animalDays(
      Collection<String> animals, Collection<String> places, LocalDate from, LocalDate last) {
    double days = 0;
    for (String each : animals) {
      for (String place : places) {
        days += Presence.animalDays(book(each).course(Place.kept(place)), from, last);
      }
    }
    return days;
  }
}
