package app.islet.core.review.rule;

import app.islet.core.care.Temper;
import app.islet.core.resident.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Situation;
import app.islet.core.review.Step;
import app.islet.core.review.Together;

import com.google.auto.service.AutoService;

import java.util.stream.Stream;

/** An animal that bites or kills, and another kind beside it. */
@AutoService(Rule.class)
public final class BitesCompany implements Rule {
    @Override
    public Stream<Finding> judge(Situation s) {
        return Together.eachPair(s.residents())
                .filter(pair -> !pair.sameKind())
                .filter(pair -> pair.fierce().isPresent())
                .map(
                        pair -> {
                            Resident fierce = pair.fierce().get();
                            Resident other = pair.otherThan(fierce);
                            Temper temper = fierce.stage().needs().group().temper();
                            return finding(
                                            temper == Temper.KILLS
                                                    ? Severity.DANGER
                                                    : Severity.WRONG,
                                            Step.RESIDENTS)
                                    .who(other)
                                    .basis(fierce.stage().needs().group().basis())
                                    .what(
                                            "{} together with {}, of a kind that {}.",
                                            other.words(),
                                            fierce.words(),
                                            temper.words())
                                    .why(
                                            "Tails, gills, toes and eyes go first; the rest follows at night.")
                                    .remedy("Keep them apart.")
                                    .build();
                        });
    }
}
