package app.islet.core.review;

import java.time.LocalDate;

/**
 * A keeper's word that a finding is known and lived with for a while. It hides nothing: the finding
 * stays in the list and says who may be asked why.
 *
 * @param rule id of the rule
 * @param who the residents it concerned, as {@link Finding#who}
 * @param severity how bad it was when it was accepted; anything worse is a new finding
 * @param askAgain the day from which it counts as open again
 */
public record Acceptance(
    String rule, String who, Severity severity, String reason, LocalDate askAgain) {
  boolean isOf(Finding finding) {
    boolean same =
        rule.equals(finding.rule()) || Review.rule(finding.rule()).formerIds().contains(rule);
    return same && who.equals(finding.who());
  }

  /** Whether it still holds for that finding on that day. Never for a Danger. */
  boolean covers(Finding finding, LocalDate today) {
    return isOf(finding)
        && finding.severity() != Severity.DANGER
        && finding.severity().compareTo(severity) >= 0
        && today.isBefore(askAgain);
  }
}
