package app.islet.web.store.enclosure;

import app.islet.core.review.Acceptance;
import app.islet.core.review.Severity;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;

/** A keeper's word that a finding is lived with for a while; the newest of a finding counts. */
@Entity
public class AcceptedFinding {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long enclosureId;
  private String rule;
  private String who;

  @Enumerated(EnumType.STRING)
  private Severity severity;

  private String reason;
  private LocalDate askAgain;
  private Instant acceptedAt;
  private Long acceptedBy;

  /** For Hibernate only. */
  protected AcceptedFinding() {}

  AcceptedFinding(long enclosureId, Acceptance acceptance, Instant acceptedAt, long acceptedBy) {
    this.enclosureId = enclosureId;
    this.rule = acceptance.rule();
    this.who = acceptance.who();
    this.severity = acceptance.severity();
    this.reason = acceptance.reason();
    this.askAgain = acceptance.askAgain();
    this.acceptedAt = acceptedAt;
    this.acceptedBy = acceptedBy;
  }

  public Long enclosureId() {
    return enclosureId;
  }

  public Acceptance acceptance() {
    return new Acceptance(rule, who, severity, reason, askAgain);
  }
}
