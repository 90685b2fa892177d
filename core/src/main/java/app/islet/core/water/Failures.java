package app.islet.core.water;

import app.islet.core.climate.Mishap;
import app.islet.core.climate.Rehearsal;
import app.islet.core.climate.Rehearsal.Moment;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.resident.Resident;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** The mishaps of the climate, with what they do to the water: breath and poison. */
public final class Failures {
    /** Share of the oxygen it needs at which an animal that cannot gulp air dies; from memory. */
    private static final double HARM_SHARE = 0.6;

    private static final double USUAL_PH = 7.5;

    private Failures() {}

    /** All mishaps that can happen to this enclosure. */
    public static List<Rehearsal> of(Waters waters) {
        return Rehearsal.of(waters.enclosure(), waters.survey(), waters.residents()).stream()
                .map(r -> r.with(moments(r, waters)))
                .toList();
    }

    private static List<Moment> moments(Rehearsal r, Waters waters) {
        boolean filterStops =
                r.mishap() == Mishap.FILTER_DEAD
                        || r.mishap() == Mishap.POWER_CUT_SUMMER
                        || r.mishap() == Mishap.POWER_CUT_WINTER;
        if (!filterStops || !waters.survey().hasWater()) {
            return List.of();
        }
        boolean airGoesOn = r.mishap() == Mishap.FILTER_DEAD && waters.hasAir();
        double played = r.course().days() * 24;
        double warmest = r.course().warmestC();
        List<Moment> all = new ArrayList<>();
        OxygenBalance before = waters.oxygenAt(warmest, waters.isStirred());
        OxygenBalance after = waters.oxygenAt(warmest, airGoesOn);
        for (Resident resident : waters.residents()) {
            resident.stage()
                    .needs()
                    .oxygen()
                    .ifPresent(
                            need -> {
                                falls(
                                        before,
                                        after,
                                        need.leastMgPerL(),
                                        played,
                                        false,
                                        "{} gets too little oxygen: {}",
                                        resident,
                                        all);
                                if (need.gills()) {
                                    falls(
                                            before,
                                            after,
                                            HARM_SHARE * need.leastMgPerL(),
                                            played,
                                            true,
                                            "{} suffocates: {} of oxygen",
                                            resident,
                                            all);
                                }
                            });
        }
        poison(waters, warmest, Limits.FREE_AMMONIA_WATCH, played, false, all);
        poison(waters, warmest, Limits.FREE_AMMONIA_DANGER, played, true, all);
        return all;
    }

    private static void falls(
            OxygenBalance before,
            OxygenBalance after,
            double limit,
            double played,
            boolean harm,
            String words,
            Resident resident,
            List<Moment> all) {
        OptionalDouble hours = after.hoursUntil(limit, before.settlesMgPerL());
        if (hours.isPresent() && hours.getAsDouble() <= played) {
            all.add(
                    new Moment(
                            hours.getAsDouble(),
                            harm,
                            Phrase.of(
                                    words,
                                    resident.words(),
                                    new Quantity(Dimension.CONCENTRATION, limit))));
        }
    }

    /** Ammonia rises by what the ground's bacteria do not turn, if they are fed as always. */
    private static void poison(
            Waters waters,
            double tempC,
            double limit,
            double played,
            boolean harm,
            List<Moment> all) {
        if (waters.residents().isEmpty()) {
            return;
        }
        double left =
                waters.loadGPerDay()
                        - waters.carriesGPerDay() * (1 - waters.biofilter().filterShare());
        if (left <= 0) {
            return;
        }
        double ph = Math.min(11, Math.max(4, waters.ph().orElse(USUAL_PH)));
        double total = limit / Ammonia.freeShare(Math.min(40, tempC), ph);
        double hours = total * waters.survey().waterL() / 1000 / left * 24;
        if (hours <= played) {
            all.add(
                    new Moment(
                            hours,
                            harm,
                            Phrase.of(
                                    "free ammonia reaches {} if they are fed as always",
                                    new Quantity(Dimension.TRACE, limit))));
        }
    }
}
