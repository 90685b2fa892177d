package app.islet.core.rearing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What a tub wants today. Minutes are from memory until the keeper's own pace is known.
 *
 * @param jobs those left and those done
 */
public record TubBundle(Tub tub, List<Job> jobs) {
  /** What is to be done, in the order in which it is done. */
  public enum Kind {
    CHANGE(TubEvent.Kind.CHANGED, 1.5),
    FLUSH(TubEvent.Kind.FLUSHED, 0.25),
    FEED(TubEvent.Kind.FED, 0.5);

    private final TubEvent.Kind event;
    private final double minutes;

    Kind(TubEvent.Kind event, double minutes) {
      this.event = event;
      this.minutes = minutes;
    }

    /** What is logged when it is done. */
    public TubEvent.Kind event() {
      return event;
    }

    double minutes() {
      return minutes;
    }
  }

  /**
   * @param times a day
   * @param done so many of them
   */
  public record Job(Kind kind, int times, int done) {
    public int left() {
      return Math.max(0, times - done);
    }

    double minutesLeft() {
      return left() * kind.minutes();
    }
  }

  public TubBundle {
    jobs = List.copyOf(jobs);
  }

  public static TubBundle of(Tub tub, Housing housing, LocalDate today) {
    List<Job> jobs = new ArrayList<>();
    if (tub.animals() == 0) {
      return new TubBundle(tub, jobs);
    }
    TubState.Today done = tub.state().today();
    boolean water = !tub.milestone().care().onLand();
    if (done.changed() > 0 || water && isChangeDue(tub.state(), housing, today)) {
      jobs.add(new Job(Kind.CHANGE, 1, done.changed()));
    }
    if (water && housing.flushes() > 0) {
      jobs.add(new Job(Kind.FLUSH, housing.flushes(), done.flushed()));
    }
    int meals = meals(tub, today);
    if (meals > 0 || done.fed() > 0) {
      jobs.add(new Job(Kind.FEED, Math.max(meals, done.fed()), done.fed()));
    }
    return new TubBundle(tub, jobs);
  }

  private static boolean isChangeDue(TubState state, Housing housing, LocalDate today) {
    return state
        .changed()
        .map(at -> !today.isBefore(at.toLocalDate().plusDays(housing.changeDays())))
        .orElse(true);
  }

  /** Meals of today: the most that any of its foods asks for, of those whose day it is. */
  private static int meals(Tub tub, LocalDate today) {
    return tub.milestone().care().foods().stream()
        .filter(food -> food.kind().isGiven())
        .filter(food -> isDay(food, tub.state(), today))
        .mapToInt(YoungFood::timesADay)
        .max()
        .orElse(0);
  }

  private static boolean isDay(YoungFood food, TubState state, LocalDate today) {
    return state
        .fed()
        .map(at -> ChronoUnit.DAYS.between(at.toLocalDate(), today))
        .map(days -> days == 0 || days >= food.everyDays())
        .orElse(true);
  }

  public int left() {
    return jobs.stream().mapToInt(Job::left).sum();
  }

  /** Whether all of it was done today that is to be done, so that more would be too much. */
  public boolean isDone(TubEvent.Kind kind) {
    return jobs.stream()
        .filter(job -> job.kind().event() == kind)
        .anyMatch(job -> job.done() > 0 && job.left() == 0);
  }

  public double minutesLeft() {
    return jobs.stream().mapToDouble(Job::minutesLeft).sum();
  }

  /** Minutes of a whole day, whatever is done of it. */
  public double minutes() {
    return jobs.stream().mapToDouble(job -> job.times() * job.kind().minutes()).sum();
  }

  /**
   * The order of the walk: the well ones first, so that nothing is carried from sick to well; the
   * youngest of them first; then by number.
   */
  public static Comparator<TubBundle> walk(RearingGuide guide, LocalDate today) {
    return Comparator.<TubBundle, Tub.Health>comparing(b -> b.tub().health(today))
        .thenComparing(b -> guide.at(b.tub().milestone().id()))
        .thenComparing(b -> b.tub().number());
  }
}
