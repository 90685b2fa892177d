package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A plant that harms those who live with it. */
@AutoService(Rule.class)
public final class HarmfulPlant implements OneCause {
  @Override
  public String id() {
    return "harmful-plant";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    return s.enclosure().furnishings().plants().stream()
        .filter(plant -> plant.harms().contains(r.sheet().group()))
        .findFirst()
        .map(
            plant ->
                finding(Severity.WRONG, Step.BUILD)
                    .who(r)
                    .basis(plant.basis())
                    .what("{} with {}.", plant.name(), r.words())
                    .why(plant.why().orElseThrow())
                    .remedy("Take it out, roots and all, and change a part of the water.")
                    .build());
  }
}
