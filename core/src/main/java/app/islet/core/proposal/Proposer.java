package app.islet.core.proposal;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Vessel;
import app.islet.core.proposal.Reasons.TooSmall;
import app.islet.core.review.Finding;
import app.islet.core.review.Outlook;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Makes designs for somebody.
 *
 * <p>Each vessel, the smallest floor first, is furnished by the care sheets for the whole time it
 * is to serve and put right by the review's own remedies; then the review is asked again for every
 * month to come. The first that serves the whole time is proposed, else the one that serves
 * longest.
 */
public final class Proposer {
  private static final int A_YEAR = 12;
  private static final int MAX_ROUNDS = 6;

  /**
   * So many vessels in a row that serve no longer than the one before: size is not what ends it.
   */
  private static final int NO_LONGER = 4;

  private final Wish wish;

  private Proposer(Wish wish) {
    this.wish = wish;
  }

  /** A design that passes and how long it serves. */
  private record Candidate(Enclosure design, Promise promise) {}

  /** The smallest that serves the next twelve months, or as much of them as any does. */
  public static Optional<Proposal> now(Wish wish) {
    return new Proposer(wish).best(Aim.NOW, Course.of(wish.residents(), A_YEAR));
  }

  /** The smallest that passes today, whatever comes, and without decoration. */
  static Optional<Enclosure> today(Wish wish) {
    Course course = Course.of(wish.residents(), 0);
    return new Proposer(wish).smallest(course);
  }

  private Optional<Enclosure> smallest(Course course) {
    List<Vessel> vessels = Candidates.of(course, wish.limits());
    boolean tried = false;
    for (Vessel vessel : vessels) {
      Optional<Enclosure> passing = passing(vessel, course);
      if (passing.isPresent() || !tried && isHopeless(vessels, course)) {
        return passing;
      }
      tried = true;
    }
    return Optional.empty();
  }

  /** The vessel furnished and put right for the first day; none where that cannot be. */
  private Optional<Enclosure> passing(Vessel vessel, Course course) {
    Furnisher furnisher = new Furnisher(wish, course);
    return furnisher.fits(vessel)
        ? mender(course).mended(furnisher.furnished(vessel))
        : Optional.empty();
  }

  private Mender mender(Course course) {
    return new Mender(course.now(), wish.day(), wish.limits().chiller());
  }

  /**
   * Whether size is not what stands in the way: the smallest, the middle one and the largest, low
   * and high, all fail by the same rule, as in a room that is too hot.
   */
  private boolean isHopeless(List<Vessel> vessels, Course course) {
    Furnisher furnisher = new Furnisher(wish, course);
    List<Vessel> fitting = vessels.stream().filter(furnisher::fits).toList();
    int all = fitting.size();
    if (all < 2 * Candidates.HEIGHTS) {
      return false;
    }
    List<Optional<String>> stuck =
        IntStream.concat(IntStream.of(0, all / 2), IntStream.range(all - Candidates.HEIGHTS, all))
            .mapToObj(fitting::get)
            .map(v -> mender(course).stuckAt(furnisher.furnished(v)).map(Finding::rule))
            .toList();
    return stuck.get(0).isPresent() && stuck.stream().distinct().count() == 1;
  }

  /** The smallest that serves until they are grown, or as long as any does. */
  public static Optional<Proposal> grown(Wish wish) {
    int months = Math.max(A_YEAR, Outlook.monthsToAdult(wish.residents()));
    return new Proposer(wish).best(Aim.GROWN, Course.of(wish.residents(), months));
  }

  /** The same in a vessel that is there already. */
  public static Optional<Proposal> in(Vessel vessel, Wish wish) {
    int months = Math.max(A_YEAR, Outlook.monthsToAdult(wish.residents()));
    Course course = Course.of(wish.residents(), months);
    Proposer proposer = new Proposer(wish);
    return proposer
        .candidate(vessel, course)
        .map(c -> proposer.proposal(Aim.HAVE, c, course, Optional.empty()));
  }

  private Optional<Proposal> best(Aim aim, Course course) {
    Candidate best = null;
    Optional<TooSmall> smaller = Optional.empty();
    int without = 0;
    boolean tried = false;
    List<Vessel> vessels = Candidates.of(course, wish.limits());
    for (Vessel vessel : vessels) {
      Optional<Candidate> found = candidate(vessel, course);
      if (found.isEmpty() && !tried && isHopeless(vessels, course)) {
        break;
      }
      tried = true;
      if (found.isEmpty()) {
        continue;
      }
      Promise promise = found.get().promise();
      // A year should pass without a hand on it; on the way to full size the water may be raised.
      boolean untouched = promise.asBuiltDays() == promise.days();
      if (promise.end().isEmpty() && (untouched || aim == Aim.GROWN)) {
        return Optional.of(proposal(aim, found.get(), course, smaller));
      }
      smaller = tooSmall(vessel, promise);
      boolean longer = best == null || promise.isLongerThan(best.promise());
      without = longer ? 0 : without + 1;
      best = longer ? found.get() : best;
      if (without >= NO_LONGER) {
        break;
      }
    }
    return Optional.ofNullable(best).map(c -> proposal(aim, c, course, Optional.empty()));
  }

  private static Optional<TooSmall> tooSmall(Vessel vessel, Promise promise) {
    return promise
        .end()
        .or(() -> promise.steps().stream().map(LaterStep::because).findFirst())
        .map(f -> new TooSmall(vessel, Math.max(0, promise.asBuiltDays()), f));
  }

  /** What stands in the way where nothing passes: the gravest that no number mends. */
  public static Optional<Finding> obstacle(Wish wish) {
    Course course = Course.of(wish.residents(), 0);
    Mender mender = new Mender(course.now(), wish.day(), wish.limits().chiller());
    Furnisher furnisher = new Furnisher(wish, course);
    return Candidates.of(course, Wish.Limits.NONE).stream()
        .filter(furnisher::fits)
        .findFirst()
        .flatMap(v -> mender.stuckAt(furnisher.furnished(v)));
  }

  /**
   * The vessel furnished, put right for the first day and then for as many later ones as can be.
   */
  private Optional<Candidate> candidate(Vessel vessel, Course course) {
    Mender mender = mender(course);
    Optional<Enclosure> start = passing(vessel, course);
    Candidate best = null;
    for (int n = 0; n < MAX_ROUNDS && start.isPresent(); n++) {
      Enclosure e = start.get();
      Promise promise = Promise.of(e, course, wish.day());
      if (best == null || promise.days() > best.promise().days()) {
        best = new Candidate(e, promise);
      }
      if (promise.end().isEmpty()) {
        break;
      }
      start = mender.firstFix(e, List.of(promise.end().get())).flatMap(mender::mended);
      if (start.filter(e::equals).isPresent()) {
        break;
      }
    }
    return Optional.ofNullable(best);
  }

  /** The same with what makes it a home, as long as it serves as long. */
  private Candidate decorated(Candidate c, Course course) {
    Mender mender = mender(course);
    int watched = mender.watched(c.design()).size();
    Course served = course.until(c.promise().asBuiltDays());
    Mender atTheEnd =
        new Mender(
            served.end().residents(),
            wish.day().plusDays(served.end().day()),
            wish.limits().chiller());
    Enclosure decorated =
        new Decor(
                course,
                e ->
                    mender.watched(e).size() <= watched
                        && Outlook.failing(mender.state(e)).isEmpty()
                        && Outlook.failing(atTheEnd.state(e)).isEmpty())
            .decorated(c.design());
    Promise promise = Promise.of(decorated, course, wish.day());
    boolean kept =
        promise.days() >= c.promise().days() && promise.asBuiltDays() >= c.promise().asBuiltDays();
    return kept ? new Candidate(decorated, promise) : c;
  }

  private Proposal proposal(Aim aim, Candidate bare, Course course, Optional<TooSmall> smaller) {
    Candidate c = decorated(bare, course);
    Promise promise = c.promise();
    Reasons reasons = new Reasons(wish, course.until(promise.days()), c.design());
    return new Proposal(
        aim,
        c.design(),
        wish.residents(),
        wish.day(),
        wish.day().plusDays(Math.max(0, promise.asBuiltDays())),
        wish.day().plusDays(promise.days()),
        promise.steps(),
        promise.end(),
        promise.end().isEmpty() && course.changesForm(),
        reasons.why(smaller),
        reasons.assumed());
  }
}
