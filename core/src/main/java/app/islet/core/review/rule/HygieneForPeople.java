package app.islet.core.review.rule;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Basis;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Situation;
import app.islet.core.review.Step;

import com.google.auto.service.AutoService;

import java.util.stream.Stream;

/** What handling these animals asks of people. */
@AutoService(Rule.class)
public final class HygieneForPeople implements Rule {
    private static final double SALE_LIMIT_CM = 10.16;

    @Override
    public Stream<Finding> judge(Situation s) {
        boolean reptiles =
                s.residents().stream().anyMatch(r -> r.sheet().group() == AnimalGroup.TURTLE);
        boolean any = !s.residents().isEmpty();
        boolean small =
                s.residents().stream()
                        .anyMatch(
                                r ->
                                        r.sheet().group() == AnimalGroup.TURTLE
                                                && r.bodyCm() < SALE_LIMIT_CM);
        Stream.Builder<Finding> found = Stream.builder();
        if (any) {
            found.add(
                    finding(Severity.NOTE, Step.PEOPLE)
                            .what(
                                    "Hands, buckets and tank water carry germs{}.",
                                    reptiles ? ", Salmonella above all" : "")
                            .why("Small children, the old and the ill are harmed most.")
                            .remedy(
                                    "Wash hands after every contact; buckets of their own; never a kitchen sink.")
                            .build());
        }
        if (small) {
            found.add(
                    finding(Severity.NOTE, Step.PEOPLE)
                            .basis(
                                    Basis.published(
                                            "21 CFR 1240.62 (turtles with a carapace under 4 inches)"))
                            .what("A turtle shorter than {}.", Quantity.cm(SALE_LIMIT_CM))
                            .why(
                                    "Some countries forbid its sale, because children put it in the mouth.")
                            .remedy(
                                    "Ask what your local law says before you buy, sell or give away.")
                            .build());
        }
        return found.build();
    }
}
