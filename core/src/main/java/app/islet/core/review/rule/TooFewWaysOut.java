package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
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

/** So few ways out of the water that one animal can hold them. */
@AutoService(Rule.class)
public final class TooFewWaysOut implements ResidentRule {
  @Override
  public String id() {
    return "too-few-ways-out";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Shelter shelter = r.stage().needs().shelter();
    int drawn = s.reach(r).map(Reachability::waysOut).orElse(0);
    int there =
        s.geometry().grid().isPresent()
            ? drawn + s.enclosure().furnishings().furtherWaysOut()
            : s.enclosure().waysOut();
    if (s.heads() < 2
        || shelter.waysOut() < 2
        || !s.geometry().hasWater()
        || there == 0
        || there >= shelter.waysOut()) {
      return Optional.empty();
    }
    int further = s.enclosure().furnishings().furtherWaysOut() + shelter.waysOut() - there;
    return Optional.of(
        finding(Severity.WATCH, Step.BUILD)
            .who(r)
            .basis(shelter.basis())
            .what(
                "One way out of the water for {}; {} are needed, well apart.",
                r.words(),
                Quantity.count(shelter.waysOut()))
            .why(
                "The strongest holds it, and a soft, freshly moulted one is caught on the way back.")
            .remedy(
                new Change("/furnishings/furtherWaysOut", further),
                "Lay wood, cork or net so that there are {}.",
                Quantity.count(shelter.waysOut()))
            .build());
  }
}
