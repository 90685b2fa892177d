package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Less floor than the animals of a group need together. */
@AutoService(Rule.class)
public final class FloorTooSmall implements ResidentRule {
  @Override
  public String id() {
    return "floor-too-small";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Space space = r.stage().needs().space();
    double need = space.floorCm2For(r.count());
    double floor = s.geometry().footprintCm2();
    if (floor >= need) {
      return Optional.empty();
    }
    double length = Math.ceil(need / s.enclosure().vessel().widthCm());
    return Optional.of(
        finding(floor < 0.6 * need ? Severity.WRONG : Severity.WATCH, Step.BUILD)
            .who(r)
            .basis(space.basis())
            .what(
                "Too little floor for {}: {}; {} needed.",
                r.words(),
                Quantity.cm2(floor),
                Quantity.cm2(need))
            .why("Floor, not height, decides how far it can walk and keep out of another's way.")
            .remedy(
                new Change("/vessel/lengthCm", length),
                "A vessel {} long at this width.",
                Quantity.cm(length))
            .build());
  }
}
