package app.islet.core.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.review.Finding;
import app.islet.core.review.Remedy;
import app.islet.core.review.Review;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A design made ready for its residents as they will be: only what becomes wrong by that is put
 * right, by the review's own remedies of numbers; the rest of the design stays as it is.
 *
 * @param steps what is changed, in order, and because of what
 * @param left what becomes wrong and no number puts right: hands or another enclosure must
 */
public record Adjustment(Enclosure design, List<Step> steps, List<Finding> left) {
  private static final int MAX_STEPS = 20;

  /** One change, and the finding it answers. */
  public record Step(Finding because, Remedy remedy) {}

  public Adjustment {
    steps = List.copyOf(steps);
    left = List.copyOf(left);
  }

  /** For {@code then} living where {@code now} stands. */
  public static Adjustment of(HusbandryState now, List<Resident> then) {
    Set<String> before = new HashSet<>();
    wrong(now).forEach(f -> before.add(f.rule()));
    return of(now, then, before);
  }

  /** The same design with all put right that its numbers can. */
  static Adjustment mending(HusbandryState now) {
    return of(now, now.residents(), Set.of());
  }

  private static Adjustment of(HusbandryState now, List<Resident> then, Set<String> before) {
    List<Step> steps = new ArrayList<>();
    Enclosure design = now.enclosure();
    List<Finding> open = newly(at(now, design, then), before);
    while (steps.size() < MAX_STEPS) {
      Optional<Step> step = firstStep(design, open, now, then, before);
      if (step.isEmpty()) {
        break;
      }
      design = design.with(step.get().remedy().changes());
      steps.add(step.get());
      open = newly(at(now, design, then), before);
    }
    return new Adjustment(design, steps, open);
  }

  /** Everything the steps set, in order. */
  public List<Change> changes() {
    return steps.stream().flatMap(step -> step.remedy().changes().stream()).toList();
  }

  private static HusbandryState at(HusbandryState now, Enclosure design, List<Resident> then) {
    return HusbandryState.of(design, then, now.date(), now.waterRecord());
  }

  /** The first remedy that leaves fewer open than there were, the vessel as it is. */
  private static Optional<Step> firstStep(
      Enclosure design,
      List<Finding> open,
      HusbandryState now,
      List<Resident> then,
      Set<String> before) {
    for (Finding finding : open) {
      for (Remedy remedy : finding.remedies()) {
        boolean allowed =
            !remedy.changes().isEmpty()
                && remedy.changes().stream().noneMatch(c -> c.field().startsWith("/vessel"));
        if (allowed
            && newly(at(now, design.with(remedy.changes()), then), before).size() < open.size()) {
          return Optional.of(new Step(finding, remedy));
        }
      }
    }
    return Optional.empty();
  }

  private static List<Finding> newly(HusbandryState state, Set<String> before) {
    return wrong(state).stream().filter(f -> !before.contains(f.rule())).toList();
  }

  private static List<Finding> wrong(HusbandryState state) {
    return Review.judged(state)
        .filter(f -> f.severity() == Severity.DANGER || f.severity() == Severity.WRONG)
        .toList();
  }
}
