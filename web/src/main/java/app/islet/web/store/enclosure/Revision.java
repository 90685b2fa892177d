package app.islet.web.store.enclosure;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One saved state of a design, as an enclosure document without residents. Never changed. */
@Entity
@Table(name = "enclosure_revision")
public class Revision {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long enclosureId;
  private int number;

  @JdbcTypeCode(SqlTypes.JSON)
  private String document;

  private Instant savedAt;
  private Long savedBy;

  /** For Hibernate only. */
  protected Revision() {}

  public Revision(long enclosureId, int number, String document, Instant savedAt, long savedBy) {
    this.enclosureId = enclosureId;
    this.number = number;
    this.document = document;
    this.savedAt = savedAt;
    this.savedBy = savedBy;
  }

  public Long enclosureId() {
    return enclosureId;
  }

  public int number() {
    return number;
  }

  public String document() {
    return document;
  }

  public Long savedBy() {
    return savedBy;
  }

  public Instant savedAt() {
    return savedAt;
  }
}
