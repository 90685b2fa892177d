package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Land;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.OptionalDouble;

/** Too little height for an animal that lives by climbing. */
@AutoService(Rule.class)
public final class TooLowToClimb implements ResidentRule {
  @Override
  public String id() {
    return "too-low-to-climb";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    OptionalDouble need = r.stage().needs().space().airHeightCm();
    if (need.isEmpty()) {
      return Optional.empty();
    }
    double needed = need.getAsDouble();
    double ground =
        Math.max(
            s.geometry().lineCm(),
            Math.max(
                s.enclosure().ground().depthCm(),
                s.enclosure().land().map(Land::heightCm).orElse(0.0)));
    double air = s.enclosure().vessel().heightCm() - ground;
    double least = r.stage().needs().space().leastShare() * needed;
    if (air >= needed) {
      return Optional.empty();
    }
    return Optional.of(
        finding(air < least ? Severity.WRONG : Severity.WATCH, Step.BUILD)
            .who(r)
            .at("vessel")
            .basis(r.stage().needs().space().basis())
            .what(
                "{} of air over ground and water for {}; at least {}, {} recommended.",
                Quantity.cm(Math.max(0, air)),
                r.words(),
                Quantity.cm(least),
                Quantity.cm(needed))
            .why("It lives upwards: low, it sits in one corner, rubs its nose and eats badly.")
            .remedy(
                new Change("/vessel/heightCm", ground + needed),
                "A vessel {} tall, with branches up to the top.",
                Quantity.cm(ground + needed))
            .build());
  }
}
