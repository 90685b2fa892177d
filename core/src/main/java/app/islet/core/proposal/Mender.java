package app.islet.core.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.review.Finding;
import app.islet.core.review.Outlook;
import app.islet.core.review.Remedy;
import app.islet.core.review.Review;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Puts a design right by the review's own remedies of numbers, the vessel left as it is. */
final class Mender {
  private static final int MAX_REMEDIES = 40;
  private static final int MAX_TOUCHES = 12;
  private static final String CHILLER = "/equipment/chiller";

  private final List<Resident> residents;
  private final LocalDate date;
  private final boolean chiller;

  Mender(List<Resident> residents, LocalDate date, boolean chiller) {
    this.residents = List.copyOf(residents);
    this.date = date;
    this.chiller = chiller;
  }

  HusbandryState state(Enclosure e) {
    return HusbandryState.of(e, residents, date);
  }

  /** The design with nothing Danger or Wrong in it and with room enough; none if that fails. */
  Optional<Enclosure> mended(Enclosure design) {
    Enclosure e = design;
    for (int n = 0; n < MAX_REMEDIES; n++) {
      List<Finding> failing = Outlook.failing(state(e));
      if (failing.isEmpty()) {
        return Optional.of(touchedUp(e));
      }
      Optional<Enclosure> fixed = firstFix(e, failing);
      if (fixed.isEmpty()) {
        return Optional.empty();
      }
      e = fixed.get();
    }
    return Optional.empty();
  }

  /** The gravest finding that is left when nothing helps any more. */
  Optional<Finding> stuckAt(Enclosure design) {
    Enclosure e = design;
    List<Finding> failing = Outlook.failing(state(e));
    for (int n = 0; n < MAX_REMEDIES && !failing.isEmpty(); n++) {
      Optional<Enclosure> fixed = firstFix(e, failing);
      if (fixed.isEmpty()) {
        break;
      }
      e = fixed.get();
      failing = Outlook.failing(state(e));
    }
    return failing.stream().min(Comparator.comparing(Finding::severity));
  }

  /**
   * The first remedy that changes something; of what is far too warm a chiller before a fan, which
   * brings the room's air with it.
   */
  Optional<Enclosure> firstFix(Enclosure e, List<Finding> failing) {
    return failing.stream()
        .flatMap(
            finding ->
                finding.remedies().stream()
                    .filter(this::isAllowed)
                    .sorted(Comparator.comparing(remedy -> !chills(remedy))))
        .map(remedy -> e.with(remedy.changes()))
        .filter(fixed -> !fixed.equals(e))
        .findFirst();
  }

  /** What is only to be watched is mended too, where that leaves less to watch. */
  private Enclosure touchedUp(Enclosure mended) {
    Enclosure e = mended;
    for (int n = 0; n < MAX_TOUCHES; n++) {
      Optional<Enclosure> better = better(e);
      if (better.isEmpty()) {
        return e;
      }
      e = better.get();
    }
    return e;
  }

  /** A chiller comes last, where nothing cheaper helps. */
  private Optional<Enclosure> better(Enclosure e) {
    List<Finding> watched = watched(e);
    return better(e, watched, false).or(() -> better(e, watched, true));
  }

  private Optional<Enclosure> better(Enclosure e, List<Finding> watched, boolean chilling) {
    for (Finding finding : watched) {
      for (Remedy remedy : finding.remedies()) {
        if (isAllowed(remedy) && chills(remedy) == chilling) {
          Enclosure tried = e.with(remedy.changes());
          if (watched(tried).size() < watched.size()) {
            return Optional.of(tried);
          }
        }
      }
    }
    return Optional.empty();
  }

  /** Everything worse than a note. */
  List<Finding> watched(Enclosure e) {
    return Review.judged(state(e)).filter(f -> f.severity() != Severity.NOTE).toList();
  }

  private boolean isAllowed(Remedy remedy) {
    return !remedy.changes().isEmpty()
        && remedy.changes().stream().noneMatch(Mender::resizes)
        && (chiller || !chills(remedy));
  }

  /** A larger vessel is the next candidate, not a remedy of this one. */
  private static boolean resizes(Change change) {
    return change.field().startsWith("/vessel");
  }

  private static boolean chills(Remedy remedy) {
    return remedy.changes().stream().anyMatch(change -> change.field().startsWith(CHILLER));
  }
}
