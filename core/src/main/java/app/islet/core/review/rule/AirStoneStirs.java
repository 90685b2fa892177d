package app.islet.core.review.rule;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Moves;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Dimension;
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

/** An air stone over an animal that wants still water. */
@AutoService(Rule.class)
public final class AirStoneStirs implements ResidentRule {
    /** Current that a gentle air stone makes across a tank, cm/s; from memory. */
    private static final double STIRS_CM_S = 5;

    @Override
    public Optional<Finding> judge(Situation s, Resident r) {
        Moves moves = r.stage().needs().moves();
        boolean amphibian =
                r.sheet().group() == AnimalGroup.FROG
                        || r.sheet().group() == AnimalGroup.SALAMANDER;
        if (!amphibian
                || !s.enclosure().has(Equipment.AirStone.class)
                || !s.survey().hasWater()
                || moves.currentCmS() >= STIRS_CM_S) {
            return Optional.empty();
        }
        return Optional.of(
                finding(Severity.WATCH, Step.WATER)
                        .who(r)
                        .basis(moves.basis())
                        .what(
                                "An air stone makes a current of about {}; at most {} for {}.",
                                speed(STIRS_CM_S),
                                speed(moves.currentCmS()),
                                r.words())
                        .why("It fights the current day and night, and its gills curl forward.")
                        .remedy("Throttle it to single bubbles in a corner behind plants.")
                        .remedy("Cool the water instead: cold water holds more oxygen.")
                        .build());
    }

    private static Quantity speed(double cmPerS) {
        return new Quantity(Dimension.SPEED, cmPerS);
    }
}
