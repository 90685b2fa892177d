package app.islet.core.review;

import java.util.Comparator;
import java.util.List;
import java.util.ServiceLoader;

/** All findings of a situation, the worst first, then in working order. */
public record Review(List<Finding> findings) {
    private static final List<Rule> RULES =
            ServiceLoader.load(Rule.class, Review.class.getClassLoader()).stream()
                    .map(ServiceLoader.Provider::get)
                    .sorted(Comparator.comparing(Rule::id))
                    .toList();

    public Review {
        findings = List.copyOf(findings);
    }

    public static Review of(Situation situation) {
        return new Review(
                RULES.stream()
                        .flatMap(rule -> rule.judge(situation))
                        .sorted(
                                Comparator.comparing(Finding::severity)
                                        .thenComparing(Finding::step)
                                        .thenComparing(Finding::rule))
                        .toList());
    }

    /** Every rule there is, by id. */
    public static List<Rule> rules() {
        return RULES;
    }

    public boolean fails() {
        return findings.stream()
                .anyMatch(f -> f.severity() == Severity.DANGER || f.severity() == Severity.WRONG);
    }
}
