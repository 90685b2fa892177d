package app.islet.core.health;

import app.islet.core.enclosure.Purpose;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.Presence;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Animals that are in a holding tub for a time.
 *
 * @param animals key of them
 * @param place key of the tub
 * @param usualDays least and most it lasts
 * @param home key of where they belong: the home they lived in last; empty for newcomers
 */
public record HeldStay(
    String animals,
    String place,
    Purpose purpose,
    LocalDate since,
    Range usualDays,
    Optional<String> home) {
  /**
   * All that are held today, the longest first.
   *
   * @param purposes of the places that are no home, by their keys
   * @param quarantine days of it, least and most, by the keys of animals
   */
  public static List<HeldStay> of(
      Ledger ledger,
      Map<String, Purpose> purposes,
      Function<String, Range> quarantine,
      LocalDate today) {
    return of(ledger, ledger.animals(), purposes, quarantine, today);
  }

  /** The same of some animals alone. */
  public static List<HeldStay> of(
      Ledger ledger,
      Collection<String> some,
      Map<String, Purpose> purposes,
      Function<String, Range> quarantine,
      LocalDate today) {
    List<HeldStay> held = new ArrayList<>();
    for (String animals : some) {
      ledger.presences(animals).stream()
          .filter(p -> purposes.containsKey(p.place()) && isThere(p, today))
          .forEach(p -> held.add(stay(p, purposes, quarantine, ledger.movements(animals))));
    }
    held.sort(Comparator.comparing(HeldStay::since));
    return List.copyOf(held);
  }

  private static boolean isThere(Presence p, LocalDate today) {
    return !p.from().isAfter(today) && p.until().filter(day -> !day.isAfter(today)).isEmpty();
  }

  private static HeldStay stay(
      Presence p,
      Map<String, Purpose> purposes,
      Function<String, Range> quarantine,
      List<Movement> moves) {
    Purpose purpose = purposes.get(p.place());
    Range days =
        purpose == Purpose.QUARANTINE
            ? quarantine.apply(p.animals())
            : new Range(0, purpose.longestDays().orElse(0));
    Optional<String> home =
        moves.stream()
            .filter(m -> !m.day().isAfter(p.from()))
            .flatMap(m -> Stream.of(m.from(), m.to()))
            .filter(place -> place.isKept() && !purposes.containsKey(place.name()))
            .map(Place::name)
            .reduce((earlier, later) -> later);
    return new HeldStay(p.animals(), p.place(), purpose, p.from(), days, home);
  }

  /** 1 on the first day. */
  public long day(LocalDate today) {
    return ChronoUnit.DAYS.between(since, today) + 1;
  }

  /** How long it lasts, and of quarantine when it may end. */
  public String words(LocalDate today) {
    String clock =
        "%s, day %d of %.0f to %.0f."
            .formatted(purpose.words(), day(today), usualDays.min(), usualDays.max());
    if (purpose != Purpose.QUARANTINE) {
      return clock;
    }
    return clock
        + (isFree(today)
            ? " May go, if nothing showed."
            : " May go from " + English.shortDay(free()) + ", if nothing shows.");
  }

  /** The first day they may go, if nothing showed. */
  public LocalDate free() {
    return since.plusDays((long) usualDays.min());
  }

  public boolean isFree(LocalDate today) {
    return !today.isBefore(free());
  }

  public boolean isLong(LocalDate today) {
    return day(today) - 1 > usualDays.max();
  }
}
