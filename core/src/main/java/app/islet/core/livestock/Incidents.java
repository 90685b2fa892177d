package app.islet.core.livestock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/**
 * How often something happened in a place, for the time that animals were there to have it happen:
 * two places, or two years, beside each other.
 *
 * @param place its key; of a group of another kind its name
 * @param animalMonths months times animals
 * @param rate empty where nobody was there
 */
public record Incidents(String place, int cases, double animalMonths, Optional<IncidentRate> rate) {
  private static final double DAYS_A_MONTH = 30.44;
  private static final double SURE_PERCENT = 95;

  /**
   * One case, or several of a day.
   *
   * @param place where they were
   */
  public record Case(LocalDate day, String place, int count) {}

  /**
   * Every place in which any of these animals were between two days, both counted, by its key.
   *
   * @param cases what happened to these animals; those outside of the days are left out
   */
  public static List<Incidents> of(
      Ledger ledger,
      Collection<String> animals,
      Collection<Case> cases,
      LocalDate from,
      LocalDate last) {
    Map<String, Integer> counted = new LinkedHashMap<>();
    TreeSet<String> places = new TreeSet<>();
    animals.forEach(a -> ledger.presences(a).forEach(p -> places.add(p.place())));
    cases.stream()
        .filter(c -> !c.day().isBefore(from) && !c.day().isAfter(last))
        .forEach(c -> counted.merge(c.place(), c.count(), Integer::sum));
    List<Incidents> all = new ArrayList<>();
    for (String place : places) {
      double months = ledger.animalDays(animals, List.of(place), from, last) / DAYS_A_MONTH;
      int count = counted.getOrDefault(place, 0);
      if (months > 0 || count > 0) {
        all.add(ofMonths(place, count, months));
      }
    }
    return all;
  }

  /** Of a group of any kind; the place is its name. */
  static Incidents of(String name, int cases, double animalDays) {
    return ofMonths(name, cases, animalDays / DAYS_A_MONTH);
  }

  private static Incidents ofMonths(String name, int cases, double months) {
    return new Incidents(
        name,
        cases,
        months,
        months > 0 ? Optional.of(IncidentRate.of(cases, months, SURE_PERCENT)) : Optional.empty());
  }

  /** Deaths of these animals by a cause; by any where it is empty. */
  public static List<Case> deaths(Ledger ledger, Collection<String> animals, String cause) {
    List<Case> all = new ArrayList<>();
    for (String each : animals) {
      for (Movement m : ledger.movements(each)) {
        if (!cause.isEmpty() && !m.cause().equals(cause)) {
          continue;
        }
        if (m.to().kind() == Place.Kind.DIED && m.from().isKept()) {
          all.add(new Case(m.day(), m.from().name(), m.count()));
        } else if (m.from().kind() == Place.Kind.DIED && m.to().isKept()) {
          all.add(new Case(m.day(), m.to().name(), -m.count()));
        }
      }
    }
    return all;
  }

  /** Whether the limits of two rates leave no doubt that they differ. */
  public boolean differsFrom(Incidents other) {
    return isOftenerThan(other) || other.isOftenerThan(this);
  }

  /** Whether even the lower limit is over the other's upper one. */
  public boolean isOftenerThan(Incidents other) {
    return rate.isPresent() && other.rate.isPresent() && rate.get().low() > other.rate.get().high();
  }
}
