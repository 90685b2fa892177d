package app.islet.core.review.rule;

import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** A heater out of the water, or a probe that measures the air. */
@AutoService(Rule.class)
public final class HeaterDry implements Rule {
  @Override
  public String id() {
    return "heater-dry";
  }

  /** A heater's head may stand out a little; common practice, no source. */
  private static final double HEAD_CM = 2;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return s.enclosure().furnishings().parts().stream().flatMap(part -> judge(s, part));
  }

  private Stream<Finding> judge(HusbandryState s, Furnishing part) {
    double line = s.geometry().lineCm();
    boolean water = s.geometry().hasWater();
    if (part.kind() == FurnishingKind.HEATER && (!water || part.topCm() > line + HEAD_CM)) {
      return Stream.of(
          finding(Severity.WRONG, Step.CLIMATE)
              .at(part.id())
              .what(
                  "The heater stands {} out of the water.",
                  Quantity.cm(part.topCm() - (water ? line : part.bottomCm())))
              .why("A tube that heats in air bursts or burns, and shocks the hand after it.")
              .remedy("Hang it lower or lay it flat, under the line left by a week without top-up.")
              .remedy("Unplug it a quarter of an hour before every water change.")
              .build());
    }
    if (part.kind() == FurnishingKind.PROBE && water && part.bottomCm() >= line) {
      return Stream.of(
          finding(Severity.WRONG, Step.CLIMATE)
              .at(part.id())
              .what("The temperature probe hangs over the water.")
              .why("The controller heats or cools after the air and never stops.")
              .remedy("Fix the probe well under the line, away from heater and inflow.")
              .build());
    }
    return Stream.empty();
  }
}
