package app.islet.core.review.rule;

import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Quantity;
import app.islet.core.resident.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Situation;
import app.islet.core.review.Step;

import com.google.auto.service.AutoService;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/** A UVB tube older than its useful life. */
@AutoService(Rule.class)
public final class UvbAged implements ResidentRule {
    private static final int SCHOOL_DAYS = 182;
    private static final int LAST_DAYS = 365;
    private static final int WARN_DAYS = 14;

    @Override
    public Optional<Finding> judge(Situation s, Resident r) {
        if (r.stage().needs().uv().isEmpty()) {
            return Optional.empty();
        }
        Optional<LocalDate> fitted =
                s.enclosure()
                        .all(Equipment.UvbLamp.class)
                        .flatMap(lamp -> lamp.fittedOn().stream())
                        .min(LocalDate::compareTo);
        if (fitted.isEmpty()) {
            return Optional.empty();
        }
        long days = ChronoUnit.DAYS.between(fitted.get(), s.date());
        if (days < SCHOOL_DAYS - WARN_DAYS) {
            return Optional.empty();
        }
        Severity severity = days >= LAST_DAYS ? Severity.WRONG : Severity.WATCH;
        Finding.Builder finding =
                finding(severity, Step.LIGHT)
                        .who(r)
                        .what(
                                "The UVB tube is {} old; six months is the rule followed here, some say twelve.",
                                Quantity.days(days))
                        .why("It fades long before it goes dark; the eye cannot see it.");
        return Optional.of(
                severity == Severity.WRONG
                        ? finding.remedy("Replace the tube now and note the date.").build()
                        : finding.remedy(
                                        "Replace the tube by {}, or go by a UV meter.",
                                        fitted.get().plusDays(SCHOOL_DAYS))
                                .build());
    }
}
