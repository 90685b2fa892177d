package app.islet.web.store.feeds;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A secret address of one person, for a collection or for one of its enclosures. */
@Entity
public class CalendarFeed {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private @Nullable Long enclosureId;
  private Long personId;
  private String token;
  private Instant madeAt;

  /** For Hibernate only. */
  protected CalendarFeed() {}

  CalendarFeed(
      long collectionId, @Nullable Long enclosureId, long personId, String token, Instant madeAt) {
    this.collectionId = collectionId;
    this.enclosureId = enclosureId;
    this.personId = personId;
    this.token = token;
    this.madeAt = madeAt;
  }

  /** Gives it another address; the one before is of no use any more. */
  CalendarFeed renew(String newToken, Instant now) {
    this.token = newToken;
    this.madeAt = now;
    return this;
  }

  public Long collectionId() {
    return collectionId;
  }

  /** Null for all enclosures of the collection. */
  public @Nullable Long enclosureId() {
    return enclosureId;
  }

  public Long personId() {
    return personId;
  }

  public String token() {
    return token;
  }

  public Instant madeAt() {
    return madeAt;
  }
}
