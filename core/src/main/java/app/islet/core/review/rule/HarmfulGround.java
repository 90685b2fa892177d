package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Ground that the animal swallows or that hurts its skin. */
@AutoService(Rule.class)
public final class HarmfulGround implements ResidentRule {
  @Override
  public String id() {
    return "harmful-ground";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Substrate ground = r.stage().needs().ground();
    SubstrateMaterial material = s.enclosure().ground().material();
    if (!ground.never().contains(material)) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.DANGER, Step.BUILD)
            .who(r)
            .basis(ground.basis())
            .what(
                "{} under {}.",
                Character.toUpperCase(material.words().charAt(0)) + material.words().substring(1),
                r.words())
            .why("{}", ground.why())
            .remedy("Take it out; keep a bare floor until you have chosen.")
            .build());
  }
}
