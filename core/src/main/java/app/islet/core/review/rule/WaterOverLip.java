package app.islet.core.review.rule;

import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** Water higher than the opening it runs out of. */
@AutoService(Rule.class)
public final class WaterOverLip implements Rule {
  @Override
  public String id() {
    return "water-over-lip";
  }

  /** Left free under the lip: a wave and a hand; common practice, no source. */
  private static final double FREE_CM = 1;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    double brim = s.enclosure().vessel().brimCm();
    boolean lip = brim < s.enclosure().vessel().heightCm();
    double free = brim - s.geometry().lineCm();
    if (!lip || !s.geometry().hasWater() || free >= FREE_CM) {
      return Stream.empty();
    }
    double depth = brim - FREE_CM - s.enclosure().ground().depthCm();
    Finding.Builder finding =
        finding(free < 0 ? Severity.DANGER : Severity.WRONG, Step.BUILD)
            .at("vessel")
            .what(
                free < 0
                    ? "The water stands {} above the lip of the front opening."
                    : "The water stands {} under the lip of the front opening.",
                Quantity.cm(Math.abs(free)))
            .why("It runs out through the doors, onto the floor and whatever is plugged in.");
    if (depth >= 0) {
      finding.remedy(
          new Change("/water/depthCm", depth), "Lower the water to {}.", Quantity.cm(depth));
    }
    return Stream.of(finding.build());
  }
}
