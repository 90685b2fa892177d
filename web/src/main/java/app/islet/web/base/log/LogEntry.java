package app.islet.web.base.log;

import jakarta.persistence.Column;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.SequenceGenerator;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What every entry of a log has. Never changed once it is written. */
@MappedSuperclass
public abstract class LogEntry {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "log_entry_seq")
  @SequenceGenerator(name = "log_entry_seq", allocationSize = 50)
  private Long id;

  private UUID clientId;
  private Instant enteredAt;
  private Long enteredBy;

  @Column(name = "strikes")
  private @Nullable Long voids;

  /** For Hibernate only. */
  protected LogEntry() {}

  /**
   * @param voids number of the entry this one takes back; null where it takes none back
   */
  protected LogEntry(Stamp stamp, @Nullable Long voids) {
    this.clientId = stamp.clientId();
    this.enteredAt = stamp.at();
    this.enteredBy = stamp.by();
    this.voids = voids;
  }

  public Long id() {
    return id;
  }

  public UUID clientId() {
    return clientId;
  }

  public Instant enteredAt() {
    return enteredAt;
  }

  public Long enteredBy() {
    return enteredBy;
  }

  public @Nullable Long voids() {
    return voids;
  }
}
