package app.islet.web.people.collection;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** That somebody changed somebody's rights; never changed, only added to. */
@Entity
public class RightsEntry {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private Instant at;
  private Long doneBy;
  private String what;

  /** For Hibernate only. */
  protected RightsEntry() {}

  RightsEntry(long collectionId, Instant at, long doneBy, String what) {
    this.collectionId = collectionId;
    this.at = at;
    this.doneBy = doneBy;
    this.what = what;
  }

  public Instant at() {
    return at;
  }

  public Long doneBy() {
    return doneBy;
  }

  public String what() {
    return what;
  }
}
