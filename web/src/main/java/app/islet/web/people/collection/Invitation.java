package app.islet.web.people.collection;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Somebody is asked to become a member; whoever has the link decides. */
@Entity
public class Invitation {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private UUID clientId;
  private String tokenHash;
  private String name;

  @Enumerated(EnumType.STRING)
  private Role role;

  private Long invitedBy;
  private Instant expiresAt;
  private @Nullable Instant endedAt;
  private @Nullable Long acceptedBy;

  /** For Hibernate only. */
  protected Invitation() {}

  Invitation(
      UUID clientId,
      long collectionId,
      String tokenHash,
      String name,
      Role role,
      long invitedBy,
      Instant expiresAt) {
    this.clientId = clientId;
    this.collectionId = collectionId;
    this.tokenHash = tokenHash;
    this.name = name;
    this.role = role;
    this.invitedBy = invitedBy;
    this.expiresAt = expiresAt;
  }

  boolean isOpen(Instant now) {
    return endedAt == null && now.isBefore(expiresAt);
  }

  /** A new link in the place of one nobody has seen. */
  void hasLink(String hash) {
    this.tokenHash = hash;
  }

  void end(Instant now) {
    this.endedAt = now;
  }

  void accept(long personId, Instant now) {
    this.endedAt = now;
    this.acceptedBy = personId;
  }

  public Long id() {
    return id;
  }

  public Long collectionId() {
    return collectionId;
  }

  /** Whom the owner means, in the owner's words. */
  public String name() {
    return name;
  }

  public Role role() {
    return role;
  }

  public Instant expiresAt() {
    return expiresAt;
  }
}
