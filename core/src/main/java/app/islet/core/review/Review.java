package app.islet.core.review;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.ServiceLoader;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** All findings of a situation, the worst first, then in working order. */
public record Review(List<Finding> findings) {
  private static final List<Rule> RULES =
      ServiceLoader.load(Rule.class, Review.class.getClassLoader()).stream()
          .map(ServiceLoader.Provider::get)
          .sorted(Comparator.comparing(Rule::id))
          .toList();

  private static final Map<String, Rule> BY_ID =
      RULES.stream().collect(Collectors.toMap(Rule::id, Function.identity()));

  private static final List<ResidentRule> RESIDENT_RULES =
      RULES.stream().filter(ResidentRule.class::isInstance).map(ResidentRule.class::cast).toList();
  private static final List<Rule> SHARED_RULES =
      RULES.stream().filter(rule -> !(rule instanceof ResidentRule)).toList();

  public Review {
    findings = List.copyOf(findings);
  }

  public static Review of(HusbandryState asEntered) {
    HusbandryState situation = asEntered.bySize();
    return of(situation, new Trial(situation, judged(situation).toList()).tried());
  }

  /**
   * The same while a design is drawn, many times a second: its remedies are tried when the hand
   * lets go.
   */
  public static Review sketch(HusbandryState asEntered) {
    HusbandryState situation = asEntered.bySize();
    return of(situation, judged(situation).toList());
  }

  private static Review of(HusbandryState situation, List<Finding> findings) {
    SchoolComparison dissent = new SchoolComparison(situation);
    return new Review(
        told(findings.stream().map(finding -> finding.otherwiseBy(dissent.from(finding))))
            .sorted(
                Comparator.comparing(Finding::severity)
                    .thenComparing(Finding::step)
                    .thenComparing(Finding::rule))
            .toList());
  }

  /** What several kinds suffer from one thing is told once. */
  private static Stream<Finding> told(Stream<Finding> findings) {
    Map<Boolean, List<Finding>> shared =
        findings.collect(Collectors.partitioningBy(f -> rule(f.rule()) instanceof OneCause));
    Map<String, List<Finding>> alike =
        shared.get(true).stream()
            .collect(Collectors.groupingBy(Finding::rule, LinkedHashMap::new, Collectors.toList()));
    return Stream.concat(
        alike.values().stream().map(Finding::together), shared.get(false).stream());
  }

  /**
   * Every finding, in no order and without asking what other schools would say. All that is asked
   * of one resident is asked at once, while what its body reaches is still at hand.
   */
  public static Stream<Finding> judged(HusbandryState situation) {
    return Stream.concat(
        situation.cohorts().stream().flatMap(cohort -> judged(situation, cohort)),
        SHARED_RULES.stream()
            .filter(rule -> Holding.asks(situation.enclosure(), rule))
            .flatMap(rule -> rule.judge(situation)));
  }

  /** Of several sizes the gravest finding of each rule. */
  private static Stream<Finding> judged(HusbandryState situation, Cohort cohort) {
    Map<String, Finding> gravest = new LinkedHashMap<>();
    for (Resident body : cohort.bodies()) {
      for (ResidentRule rule : RESIDENT_RULES) {
        if (!Holding.asks(situation.enclosure(), rule)) {
          continue;
        }
        rule.judge(situation, body)
            .ifPresent(
                finding ->
                    gravest.merge(
                        rule.id(),
                        finding,
                        (a, b) -> a.severity().compareTo(b.severity()) <= 0 ? a : b));
      }
    }
    return gravest.values().stream();
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

  /** The rule of that id. */
  static Rule rule(String id) {
    return Objects.requireNonNull(BY_ID.get(id), id);
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
