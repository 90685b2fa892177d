package app.islet.core.plan;

import app.islet.core.plan.Levelling.Fit;
import app.islet.core.plan.Levelling.Job;
import app.islet.core.plan.Levelling.Placed;
import app.islet.core.plan.Levelling.Spread;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The days over which jobs are spread, counted from the first, so that forty limits over the jobs
 * of hundreds of enclosures take no time.
 */
final class LevellingDays {
  private final LocalDate from;
  private final List<Job> jobs;
  private final int[] due;
  private final double[] base;
  private final boolean[] off;

  LevellingDays(
      LocalDate from, int days, List<Job> jobs, Map<LocalDate, Double> base, Set<LocalDate> off) {
    this.from = from;
    // Of two with the same deadline the bigger first; of equals by name, so that it repeats.
    this.jobs =
        jobs.stream()
            .sorted(
                Comparator.comparing(Job::minutes, Comparator.reverseOrder())
                    .thenComparing(Job::id))
            .toList();
    this.due =
        this.jobs.stream()
            .mapToInt(job -> (int) ChronoUnit.DAYS.between(from, job.due()))
            .toArray();
    this.base = new double[days];
    this.off = new boolean[days];
    for (int day = 0; day < days; day++) {
      this.base[day] = base.getOrDefault(from.plusDays(day), 0.0);
      this.off[day] = off.contains(from.plusDays(day));
    }
  }

  /**
   * @param limit minutes of a day after which only what cannot wait is done
   */
  Spread within(double limit) {
    int[] next = due.clone();
    Map<LocalDate, Double> minutes = new HashMap<>();
    List<Placed> placed = new ArrayList<>();
    double most = 0;
    for (int day = 0; day < base.length; day++) {
      double load = base[day];
      Set<String> taken = new HashSet<>();
      for (int n : waiting(day, next)) {
        Job job = jobs.get(n);
        boolean canWait = canWait(job, next[n], day);
        if (canWait && load + job.minutes() > limit || taken.contains(job.apart())) {
          continue;
        }
        load += job.minutes();
        if (!job.apart().isEmpty()) {
          taken.add(job.apart());
        }
        placed.add(new Placed(job, from.plusDays(day), fit(job, next[n], day)));
        next[n] = day + job.everyDays();
      }
      minutes.put(from.plusDays(day), load);
      most = Math.max(most, load);
    }
    return new Spread(placed, minutes, most);
  }

  /** What may be done on a day, the most pressing first. */
  private List<Integer> waiting(int day, int[] next) {
    if (off[day]) {
      return List.of();
    }
    List<Integer> some = new ArrayList<>();
    for (int n = 0; n < next.length; n++) {
      if (day >= next[n] || isLastBefore(jobs.get(n), next[n], day)) {
        some.add(n);
      }
    }
    some.sort(Comparator.comparingInt((Integer n) -> lastDay(jobs.get(n), next[n], day)));
    return some;
  }

  /** Whether all its days are off, and this is the last working day before them. */
  private boolean isLastBefore(Job job, int due, int day) {
    return due > day
        && due < off.length
        && off[due]
        && allOff(day + 1, due - 1)
        && allOff(due, due + job.graceDays());
  }

  /** Both ends count; days beyond those looked at are not off. */
  private boolean allOff(int first, int last) {
    for (int day = first; day <= last; day++) {
      if (day >= off.length || !off[day]) {
        return false;
      }
    }
    return true;
  }

  private int lastDay(Job job, int due, int day) {
    return isLastBefore(job, due, day) ? day : due + job.graceDays();
  }

  /** Whether a working day is left in its window. */
  private boolean canWait(Job job, int due, int day) {
    return !allOff(day + 1, lastDay(job, due, day)) && day < lastDay(job, due, day);
  }

  private static Fit fit(Job job, int due, int day) {
    if (day < due) {
      return Fit.EARLY;
    }
    return day > due + job.graceDays() ? Fit.LATE : Fit.IN_TIME;
  }
}
