package app.islet.core.review;

import app.islet.core.resident.Resident;

import java.time.LocalDate;
import java.util.ArrayList;
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
                        .map(finding -> finding.otherwiseBy(dissenting(situation, finding)))
                        .sorted(
                                Comparator.comparing(Finding::severity)
                                        .thenComparing(Finding::step)
                                        .thenComparing(Finding::rule))
                        .toList());
    }

    /**
     * This review with the keeper's acceptances laid over it, those that hold on {@code today}.
     *
     * @param acceptances the newest first: of one finding only the newest counts
     */
    public Review accepting(List<Acceptance> acceptances, LocalDate today) {
        return new Review(
                findings.stream()
                        .map(
                                finding ->
                                        finding.acceptedBy(
                                                acceptances.stream()
                                                        .filter(a -> a.isOf(finding))
                                                        .findFirst()
                                                        .filter(a -> a.covers(finding, today))))
                        .toList());
    }

    /** Findings that ask for something to be done or watched. */
    public long open() {
        return findings.stream().filter(Finding::isOpen).count();
    }

    /**
     * Schools by which the residents a finding concerns would not be judged so. One that says what
     * the default says is not named beside it.
     */
    private static List<String> dissenting(Situation situation, Finding finding) {
        List<String> schools = new ArrayList<>();
        for (Resident resident : situation.residents()) {
            if (resident.name().equals(finding.who())) {
                String own = resident.sheet().school().name();
                String usual = resident.species().school().name();
                boolean usually = own.equals(usual) || says(situation, resident, usual, finding);
                if (!usually) {
                    schools.add(usual);
                }
                resident.species().schoolNames().stream()
                        .filter(other -> !other.equals(own) && !other.equals(usual))
                        .filter(other -> usually && !says(situation, resident, other, finding))
                        .forEach(schools::add);
            }
        }
        return schools;
    }

    private static boolean says(
            Situation situation, Resident resident, String school, Finding finding) {
        List<Resident> residents =
                situation.residents().stream().map(r -> r == resident ? r.by(school) : r).toList();
        Situation asked = Situation.of(situation.enclosure(), residents, situation.date());
        return RULES.stream()
                .filter(rule -> rule.id().equals(finding.rule()))
                .flatMap(rule -> rule.judge(asked))
                .anyMatch(f -> f.who().equals(finding.who()) && f.severity() == finding.severity());
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
