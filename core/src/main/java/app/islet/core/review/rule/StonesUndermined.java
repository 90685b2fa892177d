package app.islet.core.review.rule;

import app.islet.core.care.AnimalGroup;
import app.islet.core.enclosure.Stones;
import app.islet.core.quantity.Quantity;
import app.islet.core.resident.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Situation;
import app.islet.core.review.Step;

import com.google.auto.service.AutoService;

import java.util.Optional;

/** Stones on ground that an animal digs away from under them. */
@AutoService(Rule.class)
public final class StonesUndermined implements ResidentRule {
    /** Higher than this a falling stone breaks glass or shell; common practice, no source. */
    private static final double HEAVY_CM = 8;

    @Override
    public Optional<Finding> judge(Situation s, Resident r) {
        Optional<Stones> stones =
                s.enclosure()
                        .furnishings()
                        .stones()
                        .filter(x -> x.footing() == Stones.Footing.GROUND);
        boolean digs =
                r.sheet().group() == AnimalGroup.TURTLE
                        || r.stage().needs().land().minDepthCm() > 0;
        if (stones.isEmpty()
                || !digs
                || s.enclosure().ground().depthCm() == 0
                || stones.get().topCm() < HEAVY_CM) {
            return Optional.empty();
        }
        return Optional.of(
                finding(Severity.WRONG, Step.BUILD)
                        .who(r)
                        .what(
                                "Stones up to {} stand on {} that {} can dig away.",
                                Quantity.cm(stones.get().topCm()),
                                s.enclosure().ground().material().words(),
                                r.words())
                        .why("Undermined, they slide onto the animal or through the glass.")
                        .remedy(
                                "Stand them on padding on the vessel's floor first, then fill in the ground.")
                        .remedy("Arrange them dry, outside, and glue what is stacked.")
                        .build());
    }
}
