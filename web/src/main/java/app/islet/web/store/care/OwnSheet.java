package app.islet.web.store.care;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** One saved state of a care sheet of a collection's own; never changed, only followed. */
@Entity
public class OwnSheet {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private String sheet;
  private int number;
  private String yaml;
  private String reason;
  private Instant savedAt;
  private Long savedBy;

  /** For Hibernate only. */
  protected OwnSheet() {}

  OwnSheet(
      long collectionId,
      String sheet,
      int number,
      String yaml,
      String reason,
      Instant savedAt,
      long savedBy) {
    this.collectionId = collectionId;
    this.sheet = sheet;
    this.number = number;
    this.yaml = yaml;
    this.reason = reason;
    this.savedAt = savedAt;
    this.savedBy = savedBy;
  }

  public Long id() {
    return id;
  }

  public String sheet() {
    return sheet;
  }

  public int number() {
    return number;
  }

  public String yaml() {
    return yaml;
  }

  public String reason() {
    return reason;
  }

  public Instant savedAt() {
    return savedAt;
  }
}
