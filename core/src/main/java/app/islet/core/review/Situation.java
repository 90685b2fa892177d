package app.islet.core.review;

import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.resident.Resident;
import app.islet.core.survey.Survey;

import java.time.LocalDate;
import java.util.List;

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
        Survey survey = Survey.of(enclosure);
        return new Situation(
                enclosure, residents, date, survey, Climate.of(enclosure, survey, residents));
    }

    /** The same enclosure with its residents grown as expected. */
    public Situation after(int days) {
        return of(
                enclosure,
                residents.stream().map(r -> r.after(days)).toList(),
                date.plusDays(days));
    }
}
