package app.islet.core.rearing;

import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * What was lost of a batch, and why: died, escaped, or gone nobody knows how. Whoever was sold,
 * given or set free is no loss.
 */
public record Losses(List<Loss> all) {
  private static final Set<Place.Kind> LOST =
      EnumSet.of(Place.Kind.DIED, Place.Kind.ESCAPED, Place.Kind.GONE);
  private static final int DAYS_A_WEEK = 7;

  /** So many of a day, from a place. */
  public record Loss(LocalDate day, String cause, String from, int count) {}

  public Losses {
    all = List.copyOf(all);
  }

  private record Key(LocalDate day, String cause, String from) {}

  /** Entries that undo others are taken off. */
  public static Losses of(Collection<Movement> movements) {
    Map<Key, Integer> counts = new LinkedHashMap<>();
    for (Movement m : movements) {
      if (isLost(m.to())) {
        counts.merge(new Key(m.day(), cause(m, m.to()), m.from().name()), m.count(), Integer::sum);
      } else if (isLost(m.from())) {
        counts.merge(new Key(m.day(), cause(m, m.from()), m.to().name()), -m.count(), Integer::sum);
      }
    }
    List<Loss> all = new ArrayList<>();
    counts.forEach(
        (key, count) -> {
          if (count > 0) {
            all.add(new Loss(key.day, key.cause, key.from, count));
          }
        });
    all.sort(Comparator.comparing(Loss::day));
    return new Losses(all);
  }

  private static boolean isLost(Place place) {
    return LOST.contains(place.kind());
  }

  private static String cause(Movement m, Place way) {
    return m.cause().isEmpty() && way.kind() != Place.Kind.DIED ? way.kind().word() : m.cause();
  }

  public int count() {
    return all.stream().mapToInt(Loss::count).sum();
  }

  /** By cause, the most first; an empty cause where nobody said one. */
  public Map<String, Integer> byCause() {
    Map<String, Integer> counts = new TreeMap<>();
    all.forEach(loss -> counts.merge(loss.cause(), loss.count(), Integer::sum));
    Map<String, Integer> most = new LinkedHashMap<>();
    counts.entrySet().stream()
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .forEach(e -> most.put(e.getKey(), e.getValue()));
    return most;
  }

  /** By week since a day, 1 for the first seven days. */
  public Map<Integer, Integer> byWeek(LocalDate since) {
    Map<Integer, Integer> counts = new TreeMap<>();
    all.forEach(loss -> counts.merge(week(since, loss.day()), loss.count(), Integer::sum));
    return counts;
  }

  /** Week of a day, 1 for the first seven days, and for any before. */
  public static int week(LocalDate since, LocalDate day) {
    return (int) Math.max(0, ChronoUnit.DAYS.between(since, day)) / DAYS_A_WEEK + 1;
  }

  /** Those of the last days, today's among them. */
  public Losses since(LocalDate first) {
    return new Losses(all.stream().filter(loss -> !loss.day().isBefore(first)).toList());
  }

  /** Those out of one place. */
  public Losses from(String place) {
    return new Losses(all.stream().filter(loss -> loss.from().equals(place)).toList());
  }
}
