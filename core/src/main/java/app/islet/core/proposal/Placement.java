package app.islet.core.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.Review;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What it would mean to put an animal into an enclosure that is there.
 *
 * @param newly what the review would say that it does not say today, the gravest first: what would
 *     have to change, and who would be disturbed
 */
public record Placement(List<Finding> newly) {
  /** The less grave, and of those the fewer, the better the place. */
  public static final Comparator<Placement> BEST_FIRST =
      Comparator.<Placement>comparingLong(p -> p.count(Severity.DANGER))
          .thenComparingLong(p -> p.count(Severity.WRONG))
          .thenComparingLong(p -> p.count(Severity.WATCH));

  public Placement {
    newly = List.copyOf(newly);
  }

  public static Placement of(HusbandryState there, Resident newcomer) {
    List<Finding> before = Review.judged(there).toList();
    List<Resident> all = new ArrayList<>(there.residents());
    all.add(newcomer);
    return new Placement(
        Review.judged(there.with(all))
            .filter(f -> f.severity() != Severity.NOTE)
            .filter(f -> before.stream().noneMatch(b -> isAsGrave(b, f)))
            .sorted(
                Comparator.comparing(Finding::severity)
                    .thenComparing(Finding::step)
                    .thenComparing(Finding::rule))
            .toList());
  }

  private static boolean isAsGrave(Finding before, Finding after) {
    return before.rule().equals(after.rule()) && before.severity().compareTo(after.severity()) <= 0;
  }

  private long count(Severity severity) {
    return newly.stream().filter(f -> f.severity() == severity).count();
  }

  /** Whether nothing would be Danger or Wrong that is not already. */
  public boolean fits() {
    return count(Severity.DANGER) + count(Severity.WRONG) == 0;
  }
}
