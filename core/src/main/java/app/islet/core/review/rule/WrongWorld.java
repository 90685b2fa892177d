package app.islet.core.review.rule;

import app.islet.core.care.Life;
import app.islet.core.resident.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Situation;
import app.islet.core.review.Step;

import com.google.auto.service.AutoService;

import java.util.Optional;

/** A land animal with no land, or a water animal with no water. */
@AutoService(Rule.class)
public final class WrongWorld implements ResidentRule {
    @Override
    public Optional<Finding> judge(Situation s, Resident r) {
        boolean lacksWater = r.stage().life() != Life.LAND && !s.survey().hasWater();
        boolean lacksLand = r.stage().life() == Life.LAND && s.survey().dryLandCm2() == 0;
        if (!lacksWater && !lacksLand) {
            return Optional.empty();
        }
        return Optional.of(
                finding(Severity.DANGER, Step.BUILD)
                        .who(r)
                        .what(lacksWater ? "No water for {}." : "No dry land for {}.", r.words())
                        .why(
                                lacksWater
                                        ? "It cannot live out of water."
                                        : "At this stage it breathes air and drowns where it cannot stay dry.")
                        .remedy(
                                lacksWater
                                        ? "Fill it, with dechlorinated water."
                                        : "Give it a box that is mostly land, with a very shallow dish.")
                        .build());
    }
}
