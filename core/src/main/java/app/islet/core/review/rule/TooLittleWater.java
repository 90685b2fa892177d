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
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** Less water than the animals foul in a week. */
@AutoService(Rule.class)
public final class TooLittleWater implements Rule {
  @Override
  public String id() {
    return "too-little-water";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    SpaceNeeds needs = new SpaceNeeds(s.cohorts());
    OptionalDouble need = needs.waterL();
    double water = s.geometry().waterL();
    if (need.isEmpty() || Needs.Space.isEnough(water, need.getAsDouble())) {
      return Stream.empty();
    }
    Cohort most = needs.mostWater();
    double least = needs.leastWaterL().orElseThrow();
    Finding.Builder finding =
        finding(water < least ? Severity.WRONG : Severity.WATCH, Step.WATER)
            .who(needs.cohorts(), most)
            .basis(most.stage().needs().space().basis())
            .what(
                water < least
                    ? "Too little water for {}: {}; at least {}, {} recommended."
                    : "Water for {}: {} is above the least ({}) and below what is recommended ({}).",
                Cohort.words(needs.cohorts()),
                Quantity.litres(water),
                Quantity.litres(least),
                Quantity.litres(need.getAsDouble()))
            .why("Waste grows as fast as in a big tank but has less water to thin it.");
    deeper(s, need.getAsDouble())
        .ifPresent(
            cm ->
                finding.remedy(
                    new Change("/water/depthCm", cm), "Raise the water to {}.", Quantity.cm(cm)));
    return Stream.of(
        finding
            .remedy(
                "A larger vessel: {} at this depth.",
                Quantity.cm2(
                    need.getAsDouble() * 1000 / Math.max(1, s.enclosure().water().depthCm())))
            .build());
  }

  /** The depth that makes up for what is missing, where all of them may have it. */
  private static OptionalDouble deeper(HusbandryState s, double needL) {
    double perCm = s.geometry().litresPerCm();
    if (perCm <= 0 || s.enclosure().land().isPresent()) {
      return OptionalDouble.empty();
    }
    double depth = s.enclosure().water().depthCm() + (needL - s.geometry().waterL()) / perCm;
    double height = s.enclosure().vessel().heightCm() - s.enclosure().ground().depthCm();
    boolean fits =
        s.cohorts().stream()
            .map(c -> c.stage().needs())
            .allMatch(
                n ->
                    depth <= height - n.escape().freeboardCm()
                        && n.depth().map(d -> depth <= d.bareMaxCm()).orElse(true));
    return fits ? OptionalDouble.of(Math.ceil(depth * 10) / 10) : OptionalDouble.empty();
  }
}
