package app.islet.core.review.rule;

import app.islet.core.enclosure.Part;
import app.islet.core.enclosure.PartKind;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Situation;
import app.islet.core.review.Step;

import com.google.auto.service.AutoService;

import java.util.stream.Stream;

/** A heater out of the water, or a probe that measures the air. */
@AutoService(Rule.class)
public final class HeaterDry implements Rule {
    /** A heater's head may stand out a little; common practice, no source. */
    private static final double HEAD_CM = 2;

    @Override
    public Stream<Finding> judge(Situation s) {
        return s.enclosure().furnishings().parts().stream().flatMap(part -> judge(s, part));
    }

    private Stream<Finding> judge(Situation s, Part part) {
        double line = s.survey().lineCm();
        boolean water = s.survey().hasWater();
        if (part.kind() == PartKind.HEATER && (!water || part.topCm() > line + HEAD_CM)) {
            return Stream.of(
                    finding(Severity.WRONG, Step.CLIMATE)
                            .at(part.id())
                            .what(
                                    "The heater stands {} out of the water.",
                                    Quantity.cm(part.topCm() - (water ? line : part.bottomCm())))
                            .why(
                                    "A tube that heats in air bursts or burns, and shocks the hand after it.")
                            .remedy(
                                    "Hang it lower or lay it flat, under the line left by a week without top-up.")
                            .remedy("Unplug it a quarter of an hour before every water change.")
                            .build());
        }
        if (part.kind() == PartKind.PROBE && water && part.bottomCm() >= line) {
            return Stream.of(
                    finding(Severity.WRONG, Step.CLIMATE)
                            .at(part.id())
                            .what("The temperature probe hangs over the water.")
                            .why("The controller heats or cools after the air and never stops.")
                            .remedy(
                                    "Fix the probe well under the line, away from heater and inflow.")
                            .build());
        }
        return Stream.empty();
    }
}
