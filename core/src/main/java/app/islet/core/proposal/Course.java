package app.islet.core.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.review.Outlook;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The residents from the day they move in to the last day that counts, grown as expected.
 *
 * @param points in order of days, the first on day 0
 * @param changesForm whether the last point is the last before one of them needs another world: an
 *     egg hatches, a larva goes on land
 */
record Course(List<Point> points, boolean changesForm) {
  /** Asked month by month so far, and each quarter after it. */
  private static final int MONTHLY = 24;

  /**
   * @param day days after they moved in
   */
  record Point(int day, List<Resident> residents) {
    Point {
      residents = List.copyOf(residents);
    }
  }

  Course {
    points = List.copyOf(points);
  }

  /** From the day they move in for so many months, or until one of them needs another world. */
  static Course of(List<Resident> residents, int months) {
    List<Point> points = new ArrayList<>(List.of(new Point(0, residents)));
    for (int month = 1; month <= months; month += month < MONTHLY ? 1 : 3) {
      Point next = at(residents, Outlook.days(month));
      Point last = points.get(points.size() - 1);
      if (changed(residents, next)) {
        Point before = lastBefore(residents, last, next);
        if (before.day() > last.day()) {
          points.add(before);
        }
        return new Course(points, true);
      }
      points.add(next);
    }
    return new Course(points, false);
  }

  private static Point at(List<Resident> residents, int day) {
    return new Point(day, residents.stream().map(r -> r.after(day)).toList());
  }

  private static Point lastBefore(List<Resident> residents, Point same, Point changed) {
    Point low = same;
    int high = changed.day();
    while (high - low.day() > 1) {
      Point middle = at(residents, (low.day() + high) / 2);
      if (changed(residents, middle)) {
        high = middle.day();
      } else {
        low = middle;
      }
    }
    return low;
  }

  private static boolean changed(List<Resident> residents, Point then) {
    for (int n = 0; n < residents.size(); n++) {
      var before = residents.get(n).stage();
      var after = then.residents().get(n).stage();
      if (before.habitat() != after.habitat()
          || before.hatch().isPresent() != after.hatch().isPresent()) {
        return true;
      }
    }
    return false;
  }

  List<Resident> now() {
    return points.get(0).residents();
  }

  Point end() {
    return points.get(points.size() - 1);
  }

  /** The same animals no further than that day. */
  Course until(int day) {
    return new Course(
        points.stream().filter(p -> p.day() <= day).toList(), changesForm && end().day() <= day);
  }

  /** Each of them at each time. */
  Stream<Resident> everybody() {
    return points.stream().flatMap(p -> p.residents().stream());
  }

  /** What is stated of a need by all the stages they go through. */
  <T> Stream<T> needs(Function<Needs, Optional<T>> which) {
    return everybody()
        .map(Resident::stage)
        .distinct()
        .flatMap(stage -> which.apply(stage.needs()).stream());
  }
}
