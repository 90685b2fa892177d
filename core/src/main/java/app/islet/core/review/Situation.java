package app.islet.core.review;

import app.islet.core.care.Needs;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.resident.Resident;
import app.islet.core.survey.Reach;
import app.islet.core.survey.Survey;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** Everything a rule may look at. */
public record Situation(
        Enclosure enclosure,
        List<Resident> residents,
        LocalDate date,
        Survey survey,
        Climate climate) {
    public Situation {
        residents = List.copyOf(residents);
    }

    public static Situation of(Enclosure enclosure, List<Resident> residents, LocalDate date) {
        return of(enclosure, residents, date, Survey.of(enclosure));
    }

    private static Situation of(
            Enclosure enclosure, List<Resident> residents, LocalDate date, Survey survey) {
        return new Situation(
                enclosure, residents, date, survey, Climate.of(enclosure, survey, residents));
    }

    /** The same enclosure with other residents; it need not be surveyed again. */
    Situation with(List<Resident> others) {
        return of(enclosure, others, date, survey);
    }

    /** Where an animal of these gets to, in an enclosure that is drawn with its parts. */
    public Optional<Reach> reach(Resident r) {
        Needs needs = r.stage().needs();
        double rest = needs.depth().map(Needs.Depth::restWithinCm).orElse(0.0);
        return survey.grid()
                .map(g -> g.reach(new Reach.Body(measured(r.bodyCm()), needs.moves(), rest)));
    }

    /**
     * No finer than a ruler reads it, so that a body is not searched again for a hair of growth.
     */
    private static double measured(double lengthCm) {
        double step = lengthCm < 5 ? 0.1 : 0.5;
        return Math.round(lengthCm / step) * step;
    }

    /** The same enclosure with its residents grown as expected. */
    public Situation after(int days) {
        return of(
                enclosure,
                residents.stream().map(r -> r.after(days)).toList(),
                date.plusDays(days),
                survey);
    }
}
