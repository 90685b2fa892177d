package app.islet.web.store.rearing;

import app.islet.core.rearing.Sizes;
import app.islet.core.rearing.TubEvent;
import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Something done to a tub, as the store knows it. */
@Entity
public class TubEntry extends LogEntry {
  private Long placeId;

  @Enumerated(EnumType.STRING)
  private TubEvent.Kind kind;

  private String milestone;
  private String note;
  private @Nullable Double smallestCm;
  private @Nullable Double largestCm;
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
    this.smallestCm = what.sizes().map(Sizes::smallestCm).orElse(null);
    this.largestCm = what.sizes().map(Sizes::largestCm).orElse(null);
    this.doneAt = doneAt;
  }

  /** What was done. */
  public record What(TubEvent.Kind kind, String milestone, String note, Optional<Sizes> sizes) {
    public static What of(TubEvent.Kind kind) {
      return new What(kind, "", "", Optional.empty());
    }

    /** Seen in a stage. */
    public static What stage(String milestone) {
      return new What(TubEvent.Kind.STAGE, milestone, "", Optional.empty());
    }
  }

  TubEvent event(ZoneId zone) {
    return new TubEvent(doneAt.atZone(zone).toLocalDateTime(), kind, milestone, note, sizes());
  }

  Long placeId() {
    return placeId;
  }

  What what() {
    return new What(kind, milestone, note, sizes());
  }

  private Optional<Sizes> sizes() {
    return smallestCm == null || largestCm == null
        ? Optional.empty()
        : Optional.of(new Sizes(smallestCm, largestCm));
  }

  Instant doneAt() {
    return doneAt;
  }
}
