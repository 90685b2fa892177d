package app.islet.core.proposal;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.review.Finding;
import app.islet.core.review.Remedy;
import app.islet.core.review.Review;
import app.islet.core.review.Severity;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Remedies tried one after the other on a design, before anything of it is kept.
 *
 * @param state with all of them done
 * @param steps what was tried, in order
 * @param keys what it was asked for by: the rules whose remedies were tried, or {@value #ALL}
 */
public record Mending(HusbandryState state, List<Adjustment.Step> steps, List<String> keys) {
  /** Whatever numbers can put right, the vessel as it is. */
  public static final String ALL = "all";

  /**
   * @param keys what to try, in order; one whose rule finds nothing any more is left out
   */
  public static Mending of(HusbandryState asFound, List<String> keys) {
    Mending mending = new Mending(asFound, List.of(), List.of());
    for (String key : keys) {
      mending = key.equals(ALL) ? mending.all() : mending.one(key);
    }
    return mending;
  }

  /** What would be tried of a finding; empty where hands must do it, and for a mere note. */
  public static Optional<Remedy> remedy(Finding finding) {
    return finding.severity() == Severity.NOTE
        ? Optional.empty()
        : finding.remedies().stream().filter(r -> !r.changes().isEmpty()).findFirst();
  }

  private Mending all() {
    Adjustment adjusted = Adjustment.mending(state);
    return then(ALL, adjusted.design(), adjusted.steps());
  }

  private Mending one(String rule) {
    return Review.of(state).findings().stream()
        .filter(f -> f.rule().equals(rule))
        .flatMap(f -> remedy(f).map(r -> new Adjustment.Step(f, r)).stream())
        .findFirst()
        .map(step -> then(rule, state.enclosure().with(step.remedy().changes()), List.of(step)))
        .orElse(this);
  }

  private Mending then(String key, Enclosure design, List<Adjustment.Step> more) {
    if (more.isEmpty()) {
      return this;
    }
    List<Adjustment.Step> allSteps = new ArrayList<>(steps);
    allSteps.addAll(more);
    List<String> allKeys = new ArrayList<>(keys);
    allKeys.add(key);
    return new Mending(state.with(design), List.copyOf(allSteps), List.copyOf(allKeys));
  }
}
