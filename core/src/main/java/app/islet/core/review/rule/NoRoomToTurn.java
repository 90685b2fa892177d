package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.geometry.SwimmingSpace;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Water in which nothing is so wide and deep that the animal can turn round. */
@AutoService(Rule.class)
public final class NoRoomToTurn implements ResidentRule {
  @Override
  public String id() {
    return "no-room-to-turn";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<SwimmingSpace> swim = s.swim(r);
    if (r.stage().needs().depth().isEmpty()
        || swim.isEmpty()
        || swim.get().areaCm2() == 0
        || swim.get().turnCm() >= r.bodyCm()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WRONG, Step.BUILD)
            .who(r)
            .what(
                "The widest open water deep enough for {} is {} across; it is {} long.",
                r.words(),
                Quantity.cm(swim.get().turnCm()),
                Quantity.cm(r.bodyCm()))
            .why(
                "What cannot turn round backs out blindly, wedges itself, and hurts gills and fins.")
            .remedy("Clear the floor of what stands in the water, or give it a wider vessel.")
            .build());
  }
}
