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

/** A part of the water from which an air breather cannot get out, though it can from another. */
@AutoService(Rule.class)
public final class TrappedWater implements ResidentRule {
  @Override
  public String id() {
    return "trapped-water";
  }

  /** Less than this of the water is a corner behind a stone, %. */
  private static final double CORNER_PERCENT = 1;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Reachability> trapped =
        s.reach(r)
            .filter(reach -> reach.waysOut() > 0)
            .filter(reach -> reach.trappedPercent() > CORNER_PERCENT);
    if (!r.stage().needs().land().necessary() || trapped.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.DANGER, Step.BUILD)
            .who(r)
            .basis(r.stage().needs().land().basis())
            .what(
                "From {} of the water there is no way out for {}.",
                Quantity.percent(trapped.get().trappedPercent()),
                r.words())
            .why("It gets in over an edge it cannot climb back, and drowns on the wrong side.")
            .remedy("Open the wall, or lean a ramp or cork on both sides of it.")
            .build());
  }
}
