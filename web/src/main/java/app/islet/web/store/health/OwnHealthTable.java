package app.islet.web.store.health;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** One saved state of a table of a collection's own; never changed, only followed. */
@Entity
public class OwnHealthTable {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private String name;
  private @Nullable String yaml;
  private String reason;
  private Instant savedAt;
  private Long savedBy;

  /** For Hibernate only. */
  protected OwnHealthTable() {}

  OwnHealthTable(
      long collectionId,
      String name,
      @Nullable String yaml,
      String reason,
      Instant savedAt,
      long savedBy) {
    this.collectionId = collectionId;
    this.name = name;
    this.yaml = yaml;
    this.reason = reason;
    this.savedAt = savedAt;
    this.savedBy = savedBy;
  }

  public Long id() {
    return id;
  }

  public String name() {
    return name;
  }

  /** Empty where it is Islet's again. */
  public Optional<String> yaml() {
    return Optional.ofNullable(yaml);
  }

  public String reason() {
    return reason;
  }

  public Instant savedAt() {
    return savedAt;
  }

  public Long savedBy() {
    return savedBy;
  }
}
