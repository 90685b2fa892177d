package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.geometry.Reachability;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A single way out so narrow that one animal lying in it shuts it for the others. */
@AutoService(Rule.class)
public final class SingleExit implements ResidentRule {
  @Override
  public String id() {
    return "single-exit";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    double breadth = s.reach(r).map(Reachability::onlyWayCm).orElse(Double.POSITIVE_INFINITY);
    if (s.heads() < 2
        || !r.stage().needs().land().necessary()
        || breadth == 0
        || breadth >= 2 * r.bodyCm()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.BUILD)
            .who(r)
            .what(
                "The only way out of the water is {} broad: {} can hold it against the others.",
                Quantity.cm(breadth),
                r.words())
            .why("The weaker ones stay in the water, cold and tired, and feed badly.")
            .remedy("A second way out, out of sight of the first.")
            .remedy("Or one of at least {}.", Quantity.cm(Math.ceil(2 * r.bodyCm())))
            .build());
  }
}
