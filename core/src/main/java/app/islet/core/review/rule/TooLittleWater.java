package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
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
import java.util.OptionalDouble;

/** Less water than the animals foul in a week. */
@AutoService(Rule.class)
public final class TooLittleWater implements ResidentRule {
  @Override
  public String id() {
    return "too-little-water";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    OptionalDouble need = r.stage().needs().space().waterLFor(r.count(), r.bodyCm());
    double water = s.geometry().waterL();
    if (need.isEmpty() || water >= need.getAsDouble()) {
      return Optional.empty();
    }
    double perCm = s.geometry().litresPerCm();
    double depth =
        s.enclosure().water().depthCm()
            + (perCm > 0 ? (need.getAsDouble() - water) / perCm : Double.MAX_VALUE);
    double room =
        s.enclosure().vessel().heightCm()
            - s.enclosure().ground().depthCm()
            - r.stage().needs().escape().freeboardCm();
    Finding.Builder finding =
        finding(water < 0.6 * need.getAsDouble() ? Severity.WRONG : Severity.WATCH, Step.WATER)
            .who(r)
            .basis(r.stage().needs().space().basis())
            .what(
                "Too little water for {}: {}; {} needed.",
                r.words(),
                Quantity.litres(water),
                Quantity.litres(need.getAsDouble()))
            .why("Waste grows as fast as in a big tank but has less water to thin it.");
    boolean shallowOnly = r.stage().needs().depth().map(d -> depth > d.bareMaxCm()).orElse(false);
    if (depth <= room && !shallowOnly && s.enclosure().land().isEmpty()) {
      double cm = Math.ceil(depth * 10) / 10;
      finding.remedy(new Change("/water/depthCm", cm), "Raise the water to {}.", Quantity.cm(cm));
    }
    return Optional.of(
        finding
            .remedy(
                "A larger vessel: {} at this depth.",
                Quantity.cm2(
                    need.getAsDouble() * 1000 / Math.max(1, s.enclosure().water().depthCm())))
            .build());
  }
}
