package app.islet.core.review.rule;

import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.resident.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Situation;
import app.islet.core.review.Step;

import com.google.auto.service.AutoService;

import java.util.Optional;
import java.util.OptionalDouble;

/** A UVB tube too near to be safe or too far to be of use. */
@AutoService(Rule.class)
public final class UvbDistance implements ResidentRule {
    /**
     * Distance from an ordinary tube to the animal's back, cm; common practice, no source. What
     * counts in the end is the UV index a meter reads there.
     */
    private static final Range OPEN_CM = new Range(20, 40);

    private static final Range MESH_CM = new Range(15, 30);
    private static final double BURNS_CM = 10;

    @Override
    public Optional<Finding> judge(Situation s, Resident r) {
        OptionalDouble distance =
                s.enclosure()
                        .all(Equipment.UvbLamp.class)
                        .flatMapToDouble(lamp -> lamp.distanceCm().stream())
                        .min();
        Lid lid = s.enclosure().lid();
        Range want = lid == Lid.MESH ? MESH_CM : OPEN_CM;
        if (r.stage().needs().uv().isEmpty()
                || distance.isEmpty()
                || lid.uv() < 0.1
                || want.contains(distance.getAsDouble())) {
            return Optional.empty();
        }
        double cm = distance.getAsDouble();
        double aim = want.middle();
        return Optional.of(
                finding(cm < BURNS_CM ? Severity.WRONG : Severity.WATCH, Step.LIGHT)
                        .who(r)
                        .what(
                                "The UVB tube hangs {} over the back of {}; {} {}.",
                                Quantity.cm(cm),
                                r.words(),
                                Phrase.range(want, Dimension.LENGTH),
                                lid == Lid.MESH ? "where mesh takes a third" : "in the open")
                        .why(
                                cm < want.min()
                                        ? "So near it burns eyes and skin."
                                        : "So far it lights and does little else.")
                        .remedy(
                                new Change("/equipment/uvb-lamp/distanceCm", aim),
                                "Hang it {} over the basking place; a UV meter decides.",
                                Quantity.cm(aim))
                        .build());
    }
}
