package app.islet.core.proposal;

import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.review.Finding;
import app.islet.core.review.Outlook;
import app.islet.core.review.Remedy;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How long a design serves, by asking the review at each point of a course.
 *
 * @param asBuiltDays to this day nothing fails with the design untouched; -1 where it fails at once
 * @param days to this day nothing fails with the steps taken in time
 * @param end what fails after it; nothing where it serves to the end of the course
 */
record Promise(int asBuiltDays, int days, List<LaterStep> steps, Optional<Finding> end) {
  private static final String DEPTH = "/water/depthCm";

  /** What a keeper does on the way without building anew. */
  private static final Set<String> EASY =
      Set.of(DEPTH, "/water/restBelowSurfaceCm", "/equipment/basking-lamp/distanceCm");

  private static final int MAX_STEPS = 8;

  Promise {
    steps = List.copyOf(steps);
  }

  /**
   * @param date on which they move in
   */
  static Promise of(Enclosure design, Course course, LocalDate date) {
    Enclosure e = design;
    HusbandryState built = HusbandryState.of(e, course.now(), date);
    List<LaterStep> steps = new ArrayList<>();
    int asBuilt = -1;
    int days = -1;
    for (Course.Point point : course.points()) {
      List<Finding> failing = failing(built, point, date);
      while (!failing.isEmpty() && steps.size() < MAX_STEPS) {
        Optional<Enclosure> stepped = step(e, failing.get(0), point, steps);
        if (stepped.isEmpty()) {
          return new Promise(asBuilt, days, steps, Optional.of(failing.get(0)));
        }
        e = stepped.get();
        built = HusbandryState.of(e, course.now(), date);
        failing = failing(built, point, date);
      }
      if (!failing.isEmpty()) {
        return new Promise(asBuilt, days, steps, Optional.of(failing.get(0)));
      }
      days = point.day();
      asBuilt = steps.isEmpty() ? days : asBuilt;
    }
    return new Promise(asBuilt, days, steps, Optional.empty());
  }

  /** Serving longer, and where that is the same, longer untouched. */
  boolean isLongerThan(Promise other) {
    return days != other.days ? days > other.days : asBuiltDays > other.asBuiltDays;
  }

  private static List<Finding> failing(HusbandryState built, Course.Point point, LocalDate date) {
    return Outlook.failing(built.with(point.residents(), date.plusDays(point.day())));
  }

  /** Water that is raised is raised as far as they stand it then, so that it is raised seldom. */
  private static List<Change> generous(Enclosure e, List<Change> changes, Course.Point point) {
    double now = e.water().depthCm();
    double most =
        Math.min(
            Furnisher.FILLED * e.vessel().heightCm() - e.ground().depthCm(),
            point.residents().stream()
                .flatMap(r -> r.stage().needs().depth().stream())
                .mapToDouble(
                    d ->
                        e.water().restBelowSurfaceCm().orElse(Double.MAX_VALUE) <= d.restWithinCm()
                            ? d.maxCm()
                            : d.bareMaxCm())
                .min()
                .orElse(now));
    return changes.stream()
        .map(
            c ->
                c.field().equals(DEPTH) && c.value() > now && e.land().isEmpty()
                    ? new Change(DEPTH, Math.max(c.value(), Math.floor(most)))
                    : c)
        .toList();
  }

  /** The design with an easy remedy of that finding, where it has one that changes anything. */
  private static Optional<Enclosure> step(
      Enclosure e, Finding failing, Course.Point point, List<LaterStep> steps) {
    if (point.day() == 0) {
      return Optional.empty();
    }
    for (Remedy remedy : failing.remedies()) {
      boolean easy =
          !remedy.changes().isEmpty()
              && remedy.changes().stream().map(Change::field).allMatch(EASY::contains);
      if (easy) {
        List<Change> changes = generous(e, remedy.changes(), point);
        Enclosure changed = e.with(changes);
        if (!changed.equals(e)) {
          steps.add(new LaterStep(point.day(), changes, failing));
          return Optional.of(changed);
        }
      }
    }
    return Optional.empty();
  }
}
