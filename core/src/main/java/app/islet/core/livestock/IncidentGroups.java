package app.islet.core.livestock;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How often something happened for each month an animal was there to have it happen, by anything
 * that divides this time: tank, season, school, source, water.
 */
public final class IncidentGroups {
  private IncidentGroups() {}

  /** Names the group an animal in a place belongs to on a day; empty where it belongs to none. */
  @FunctionalInterface
  public interface Grouping {
    String of(String animals, String place, LocalDate day);
  }

  /** Something that happened to an animal. */
  public record Case(String animals, String place, LocalDate day) {}

  /**
   * Every group with time or cases between two days, both counted, by its name. What divides the
   * time is asked for each month anew.
   */
  public static List<Incidents> of(
      Ledger ledger,
      Collection<String> animals,
      Collection<Case> cases,
      Grouping grouping,
      LocalDate from,
      LocalDate last) {
    Map<String, Double> days = new TreeMap<>();
    Map<String, Integer> counted = new TreeMap<>();
    for (String each : animals) {
      List<String> places =
          ledger.presences(each).stream().map(Presence::place).distinct().toList();
      for (LocalDate begin = from; !begin.isAfter(last); begin = monthAfter(begin)) {
        LocalDate end = monthAfter(begin).minusDays(1);
        for (String place : places) {
          double here =
              ledger.animalDays(
                  List.of(each), List.of(place), begin, end.isAfter(last) ? last : end);
          String group = here > 0 ? grouping.of(each, place, begin) : "";
          if (!group.isEmpty()) {
            days.merge(group, here, Double::sum);
          }
        }
      }
    }
    for (Case c : cases) {
      String group = grouping.of(c.animals(), c.place(), c.day());
      if (!group.isEmpty() && !c.day().isBefore(from) && !c.day().isAfter(last)) {
        counted.merge(group, 1, Integer::sum);
        days.merge(group, 0.0, Double::sum);
      }
    }
    List<Incidents> all = new ArrayList<>();
    days.forEach((group, d) -> all.add(Incidents.of(group, counted.getOrDefault(group, 0), d)));
    return List.copyOf(all);
  }

  private static LocalDate monthAfter(LocalDate day) {
    return day.withDayOfMonth(1).plusMonths(1);
  }

  /** Two of which the limits leave no doubt that they differ: the more frequent first. */
  public static Optional<List<Incidents>> differing(List<Incidents> groups) {
    for (Incidents one : groups) {
      for (Incidents other : groups) {
        if (one.isOftenerThan(other)) {
          return Optional.of(List.of(one, other));
        }
      }
    }
    return Optional.empty();
  }
}
