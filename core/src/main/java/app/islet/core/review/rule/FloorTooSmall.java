package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** Less floor than the animals of a group need together. */
@AutoService(Rule.class)
public final class FloorTooSmall implements Rule {
  @Override
  public String id() {
    return "floor-too-small";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    if (s.residents().isEmpty()) {
      return Stream.empty();
    }
    SpaceNeeds needs = new SpaceNeeds(s.cohorts());
    double need = needs.floorCm2();
    double floor = s.geometry().footprintCm2();
    if (Needs.Space.isEnough(floor, need)) {
      return Stream.empty();
    }
    double least = needs.leastFloorCm2();
    double length = Math.ceil(need / s.enclosure().vessel().widthCm());
    return Stream.of(
        finding(floor < least ? Severity.WRONG : Severity.WATCH, Step.BUILD)
            .who(needs.cohorts(), needs.mostFloor())
            .basis(needs.mostFloor().stage().needs().space().basis())
            .what(
                floor < least
                    ? "Too little floor for {}: {}; at least {}, {} recommended."
                    : "Floor for {}: {} is above the least ({}) and below what is recommended ({}).",
                Cohort.words(needs.cohorts()),
                Quantity.cm2(floor),
                Quantity.cm2(least),
                Quantity.cm2(need))
            .why("Floor, not height, decides how far it can walk and keep out of another's way.")
            .remedy(
                new Change("/vessel/lengthCm", length),
                "A vessel {} long at this width.",
                Quantity.cm(length))
            .build());
  }
}
