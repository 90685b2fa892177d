package app.islet.web.rearing;

import app.islet.core.rearing.TubEvent;
import app.islet.web.log.LogEntry;
import app.islet.web.log.Stamp;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import java.time.Instant;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;

/** Something done to a tub, as the store knows it. */
@Entity
public class TubEntry extends LogEntry {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "tub_entry_id_seq")
  @SequenceGenerator(name = "tub_entry_id_seq", allocationSize = 50)
  private Long id;

  private Long placeId;

  @Enumerated(EnumType.STRING)
  private TubEvent.Kind kind;

  private String milestone;
  private String note;
  private Instant doneAt;

  /** For Hibernate only. */
  protected TubEntry() {}

  /**
   * @param doneAt when it was done, which may be before it was entered
   */
  TubEntry(long placeId, What what, Instant doneAt, Stamp stamp, @Nullable Long voids) {
    super(stamp, voids);
    this.placeId = placeId;
    this.kind = what.kind();
    this.milestone = what.milestone();
    this.note = what.note();
    this.doneAt = doneAt;
  }

  /** What was done. */
  public record What(TubEvent.Kind kind, String milestone, String note) {
    public static What of(TubEvent.Kind kind) {
      return new What(kind, "", "");
    }
  }

  TubEvent event(ZoneId zone) {
    return new TubEvent(doneAt.atZone(zone).toLocalDateTime(), kind, milestone, note);
  }

  Long id() {
    return id;
  }

  Long placeId() {
    return placeId;
  }

  What what() {
    return new What(kind, milestone, note);
  }

  Instant doneAt() {
    return doneAt;
  }
}
