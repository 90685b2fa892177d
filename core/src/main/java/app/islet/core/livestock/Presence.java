package app.islet.core.livestock;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A time during which some of them were in a place, as their nights are counted: on the day they
 * left they were no longer there.
 *
 * @param until the day they left; empty where they are there still
 */
public record Presence(String animals, String place, LocalDate from, Optional<LocalDate> until) {
  static List<Presence> of(List<Movement> movements) {
    Map<String, NavigableMap<LocalDate, Integer>> courses = new TreeMap<>();
    Map<String, Integer> counts = new TreeMap<>();
    for (Movement m : movements) {
      change(courses, counts, m.day(), m.from(), -m.count());
      change(courses, counts, m.day(), m.to(), m.count());
    }
    List<Presence> found = new ArrayList<>();
    courses.forEach((place, course) -> found.addAll(of(movements.get(0).animals(), place, course)));
    return found;
  }

  private static void change(
      Map<String, NavigableMap<LocalDate, Integer>> courses,
      Map<String, Integer> counts,
      LocalDate day,
      Place place,
      int by) {
    if (place.isKept()) {
      courses
          .computeIfAbsent(place.name(), p -> new TreeMap<>())
          .put(day, counts.merge(place.name(), by, Integer::sum));
    }
  }

  private static List<Presence> of(
      String animals, String place, NavigableMap<LocalDate, Integer> course) {
    List<Presence> found = new ArrayList<>();
    Optional<LocalDate> since = Optional.empty();
    for (Map.Entry<LocalDate, Integer> each : course.entrySet()) {
      if (each.getValue() > 0 && since.isEmpty()) {
        since = Optional.of(each.getKey());
      } else if (each.getValue() == 0 && since.isPresent()) {
        found.add(new Presence(animals, place, since.get(), Optional.of(each.getKey())));
        since = Optional.empty();
      }
    }
    since.ifPresent(day -> found.add(new Presence(animals, place, day, Optional.empty())));
    return found;
  }

  /** The time of the other's presence that falls into this one's, if they met. */
  Optional<Presence> shared(Presence other) {
    if (!place.equals(other.place)) {
      return Optional.empty();
    }
    LocalDate start = from.isAfter(other.from) ? from : other.from;
    Optional<LocalDate> end =
        until.isEmpty()
            ? other.until
            : other.until.isEmpty() || until.get().isBefore(other.until.get())
                ? until
                : other.until;
    return end.isPresent() && !end.get().isAfter(start)
        ? Optional.empty()
        : Optional.of(new Presence(other.animals, place, start, end));
  }

  /** Sum over the days from the first to the last, both counted, of how many were there. */
  static double animalDays(
      NavigableMap<LocalDate, Integer> course, LocalDate first, LocalDate last) {
    LocalDate end = last.plusDays(1);
    double days = 0;
    LocalDate from = first;
    Map.Entry<LocalDate, Integer> before = course.floorEntry(first);
    int count = before == null ? 0 : before.getValue();
    for (Map.Entry<LocalDate, Integer> each : course.tailMap(first, false).entrySet()) {
      LocalDate until = each.getKey().isBefore(end) ? each.getKey() : end;
      days += (double) count * ChronoUnit.DAYS.between(from, until);
      from = until;
      count = each.getValue();
    }
    return days + (double) count * ChronoUnit.DAYS.between(from, end);
  }
}
