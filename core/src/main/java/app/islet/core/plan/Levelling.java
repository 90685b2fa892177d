package app.islet.core.plan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Spreads the big jobs of several enclosures over the coming days, so that none is as full as it
 * could be: each inside its window, none on a day off, the earliest deadline first. What falls
 * wholly into days off is done on the last day before them.
 *
 * <p>Each day takes jobs in the order of their deadlines until a limit of minutes is reached; what
 * cannot wait is done beyond it. Of many limits that one is taken which makes the fullest day the
 * least full, and of equals the most even days. Deterministic.
 */
public final class Levelling {
  /** More of them at small limits, where a minute makes a difference. */
  private static final int LIMITS_TRIED = 40;

  private Levelling() {}

  /**
   * A job that comes again.
   *
   * @param id of the enclosure and the task, in words of the caller
   * @param minutes each time
   * @param due the first day it may be done
   * @param everyDays from one time to the next
   * @param graceDays so much later is in time
   * @param apart two of the same name are never on one day; empty where that does not matter
   */
  public record Job(
      String id, double minutes, LocalDate due, int everyDays, int graceDays, String apart) {}

  /** A time a job was put on. */
  public record Placed(Job job, LocalDate day, Fit fit) {}

  /** How a day fits a job's window. */
  public enum Fit {
    IN_TIME,
    /** Before it is due, as its days are off. */
    EARLY,
    /** Its days are over. */
    LATE
  }

  /**
   * The days with their work.
   *
   * @param most minutes on the fullest day
   */
  public record Spread(List<Placed> placed, Map<LocalDate, Double> minutes, double most) {
    public Spread {
      placed = List.copyOf(placed);
      minutes = Map.copyOf(minutes);
    }

    /** Sum of the squares: the less, the more even. */
    double unevenness() {
      return minutes.values().stream().mapToDouble(m -> m * m).sum();
    }

    /** The sooner all is done, the less. */
    long waiting() {
      return placed.stream().mapToLong(p -> p.day().toEpochDay()).sum();
    }

    /** The first time of each job. */
    public Map<String, LocalDate> next() {
      Map<String, LocalDate> first = new HashMap<>();
      placed.forEach(p -> first.putIfAbsent(p.job().id(), p.day()));
      return first;
    }
  }

  /**
   * @param from the first day
   * @param days how many
   * @param base minutes of what is done on fixed days anyway; 0 where a day is not in it
   * @param off days on which no big job is done
   */
  public static Spread spread(
      LocalDate from, int days, List<Job> jobs, Map<LocalDate, Double> base, Set<LocalDate> off) {
    LevellingDays calendar = new LevellingDays(from, days, jobs, base, off);
    double high =
        base.values().stream().mapToDouble(m -> m).max().orElse(0)
            + jobs.stream().mapToDouble(Job::minutes).sum();
    return IntStream.rangeClosed(0, LIMITS_TRIED)
        .mapToObj(n -> calendar.within(high * Math.pow((double) n / LIMITS_TRIED, 2)))
        .min(
            Comparator.comparing(Spread::most)
                .thenComparing(Spread::unevenness)
                .thenComparing(Spread::waiting))
        .orElseThrow();
  }

  /** Each job on the day it falls due: what happens without a thought. */
  public static Spread asDue(
      LocalDate from, int days, List<Job> jobs, Map<LocalDate, Double> base) {
    return new LevellingDays(from, days, jobs, base, Set.of()).within(Double.MAX_VALUE);
  }
}
