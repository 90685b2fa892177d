package app.islet.core.rearing;

import app.islet.core.quantity.DayWindow;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * When the stages of a batch come: by its guide, in water of its temperature, at the pace it has
 * shown so far. An estimate; what was seen stands as it was.
 *
 * @param pace days it took for its last stage over the days expected, 0.5 to 2; 1 before any
 */
public record Timeline(LocalDate beganOn, List<Step> steps, double pace) {
  private static final double SLOWEST = 2;
  private static final double FASTEST = 0.5;

  /** After so many times the longest that is expected, what nobody saw has come; from memory. */
  private static final double SURELY = 2;

  /** A batch that is on its way misses the middle of a window by no more than this; memory. */
  private static final double SPREAD = 0.2;

  /**
   * One stage.
   *
   * @param reached the first day it was seen in; empty while it is to come
   * @param expected the days it is expected within
   */
  public record Step(Milestone milestone, Optional<LocalDate> reached, DayWindow expected) {
    /** Whether it should have come by now. */
    public boolean isLate(LocalDate today) {
      return reached.isEmpty() && today.isAfter(expected.to());
    }
  }

  /**
   * @param beganOn the day of birth or hatching
   * @param tempC of the water, where it is known
   * @param reached the day each stage was reached by most of them, by its id
   */
  public static Timeline of(
      RearingGuide guide, LocalDate beganOn, OptionalDouble tempC, Map<String, LocalDate> reached) {
    int last = lastReached(guide, reached);
    double pace = pace(guide, beganOn, tempC, reached);
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < guide.milestones().size(); i++) {
      Milestone milestone = guide.milestones().get(i);
      Range days = milestone.days(tempC);
      // Nobody enters the first: it is the day the batch began.
      Optional<LocalDate> seen =
          i == 0
              ? Optional.of(reached.getOrDefault(milestone.id(), beganOn))
              : Optional.ofNullable(reached.get(milestone.id()));
      Range own = last > 0 && i > last ? narrowed(days, pace) : days;
      steps.add(new Step(milestone, seen, DayWindow.after(beganOn, own)));
    }
    return new Timeline(beganOn, List.copyOf(steps), pace);
  }

  private static Range narrowed(Range days, double pace) {
    double middle = days.middle() * pace;
    return new Range(
        Math.max(days.min() * FASTEST, (1 - SPREAD) * middle),
        Math.min(days.max() * SLOWEST, (1 + SPREAD) * middle));
  }

  private static int lastReached(RearingGuide guide, Map<String, LocalDate> reached) {
    int last = 0;
    for (int i = 1; i < guide.milestones().size(); i++) {
      if (reached.containsKey(guide.milestones().get(i).id())) {
        last = i;
      }
    }
    return last;
  }

  private static double pace(
      RearingGuide guide, LocalDate beganOn, OptionalDouble tempC, Map<String, LocalDate> reached) {
    int last = lastReached(guide, reached);
    if (last == 0) {
      return 1;
    }
    Milestone milestone = guide.milestones().get(last);
    double took = ChronoUnit.DAYS.between(beganOn, reached.get(milestone.id()));
    double expected = milestone.days(tempC).middle();
    return Math.max(FASTEST, Math.min(SLOWEST, took / expected));
  }

  /** The stage most of them are in: the last that was entered, else by the days gone by. */
  public Step now(LocalDate today) {
    return lastSeen().orElseGet(() -> expected(today));
  }

  /** The stage to expect of those of which nobody has entered one. */
  public Step expected(LocalDate today) {
    return steps.stream()
        .filter(step -> hasComeUnseen(step, today))
        .reduce((earlier, later) -> later)
        .orElse(steps.get(0));
  }

  /** Its step of a stage of its guide. */
  public Step step(Milestone milestone) {
    return steps.stream()
        .filter(step -> step.milestone().equals(milestone))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no stage " + milestone.id()));
  }

  /** The last stage somebody entered; nobody enters the first. */
  private Optional<Step> lastSeen() {
    return steps.stream()
        .skip(1)
        .filter(step -> step.reached().isPresent())
        .reduce((earlier, later) -> later);
  }

  /** Whether the stage they are in is a forecast: nobody has entered one. */
  public boolean isForecast() {
    return lastSeen().isEmpty();
  }

  /**
   * Half of the time expected is over. What would end a tub's work, food or water, is taken to have
   * come much later: in doubt a larva is fed and its water changed.
   */
  private boolean hasComeUnseen(Step step, LocalDate today) {
    Milestone.Care care = step.milestone().care();
    boolean endsWork = care.onLand() || !care.eats();
    LocalDate day =
        endsWork
            ? beganOn.plusDays(
                Math.round(SURELY * ChronoUnit.DAYS.between(beganOn, step.expected().to())))
            : step.expected().middle();
    return !today.isBefore(day);
  }

  /** The stage to come next; empty after the last. */
  public Optional<Step> next(LocalDate today) {
    int at = steps.indexOf(now(today)) + 1;
    return at < steps.size() ? Optional.of(steps.get(at)) : Optional.empty();
  }

  /** The days within which the last of the stages comes. */
  public DayWindow end() {
    return steps.get(steps.size() - 1).expected();
  }

  public long ageDays(LocalDate today) {
    return ChronoUnit.DAYS.between(beganOn, today);
  }
}
