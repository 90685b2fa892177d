package app.islet.web.people.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A one-time link to a new password. */
@Entity
public class PasswordReset {
  @Id private String tokenHash;

  private Long personId;
  private @Nullable Long madeBy;
  private Instant expiresAt;
  private @Nullable Instant usedAt;

  /** For Hibernate only. */
  protected PasswordReset() {}

  PasswordReset(String tokenHash, long personId, long madeBy, Instant expiresAt) {
    this.tokenHash = tokenHash;
    this.personId = personId;
    this.madeBy = madeBy;
    this.expiresAt = expiresAt;
  }

  boolean isOpen(Instant now) {
    return usedAt == null && now.isBefore(expiresAt);
  }

  void use(Instant now) {
    this.usedAt = now;
  }

  Long personId() {
    return personId;
  }
}
