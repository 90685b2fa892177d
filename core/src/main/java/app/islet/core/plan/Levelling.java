package app.islet.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
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
    Calendar calendar = new Calendar(from, days, jobs, base, off);
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
    return new Calendar(from, days, jobs, base, Set.of()).within(Double.MAX_VALUE);
  }

  private record Calendar(
      LocalDate from, int days, List<Job> jobs, Map<LocalDate, Double> base, Set<LocalDate> off) {
    Spread within(double limit) {
      Map<String, LocalDate> due = new HashMap<>();
      jobs.forEach(job -> due.put(job.id(), job.due()));
      Map<LocalDate, Double> minutes = new HashMap<>();
      List<Placed> placed = new ArrayList<>();
      for (LocalDate day = from; day.isBefore(from.plusDays(days)); day = day.plusDays(1)) {
        double load = base.getOrDefault(day, 0.0);
        Set<String> taken = new HashSet<>();
        for (Job job : waiting(day, due)) {
          LocalDate wanted = due.get(job.id());
          boolean must = !laterDay(job, wanted, day);
          if (!must && load + job.minutes() > limit || taken.contains(job.apart())) {
            continue;
          }
          load += job.minutes();
          if (!job.apart().isEmpty()) {
            taken.add(job.apart());
          }
          placed.add(new Placed(job, day, fit(job, wanted, day)));
          due.put(job.id(), day.plusDays(job.everyDays()));
        }
        minutes.put(day, load);
      }
      return new Spread(
          placed, minutes, minutes.values().stream().mapToDouble(m -> m).max().orElse(0));
    }

    /** What may be done on a day, the most pressing first. */
    private List<Job> waiting(LocalDate day, Map<String, LocalDate> due) {
      if (off.contains(day)) {
        return List.of();
      }
      return jobs.stream()
          .filter(job -> mayOn(job, due.get(job.id()), day))
          .sorted(
              Comparator.comparing((Job job) -> lastDay(job, due.get(job.id()), day))
                  .thenComparing(Job::minutes, Comparator.reverseOrder())
                  .thenComparing(Job::id))
          .toList();
    }

    private boolean mayOn(Job job, LocalDate due, LocalDate day) {
      return !day.isBefore(due) || isLastBefore(job, due, day);
    }

    /** Whether all its days are off, and this is the last working day before them. */
    private boolean isLastBefore(Job job, LocalDate due, LocalDate day) {
      if (!due.isAfter(day) || !off.contains(due) || !due.isBefore(from.plusDays(days))) {
        return false;
      }
      return due.datesUntil(due.plusDays(job.graceDays() + 1L)).allMatch(off::contains)
          && day.plusDays(1).datesUntil(due).allMatch(off::contains);
    }

    private LocalDate lastDay(Job job, LocalDate due, LocalDate day) {
      return isLastBefore(job, due, day) ? day : due.plusDays(job.graceDays());
    }

    /** Whether it can still wait: a working day is left in its window. */
    private boolean laterDay(Job job, LocalDate due, LocalDate day) {
      LocalDate last = lastDay(job, due, day);
      if (off.isEmpty()) {
        return day.isBefore(last);
      }
      return day.plusDays(1).isBefore(last.plusDays(1))
          && day.plusDays(1).datesUntil(last.plusDays(1)).anyMatch(d -> !off.contains(d));
    }

    private static Fit fit(Job job, LocalDate due, LocalDate day) {
      if (day.isBefore(due)) {
        return Fit.EARLY;
      }
      return day.isAfter(due.plusDays(job.graceDays())) ? Fit.LATE : Fit.IN_TIME;
    }
  }
}
