package app.islet.web.waterlog;

import app.islet.core.water.WaterEvent;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something done to the water on a day. Never changed; an entry that strikes another takes it back.
 */
@Entity
@Table(name = "water_event")
class WaterEventEntry {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "water_event_id_seq")
  @SequenceGenerator(name = "water_event_id_seq", allocationSize = 50)
  private Long id;

  private Long enclosureId;
  private LocalDate day;

  @Enumerated(EnumType.STRING)
  private WaterEvent.Kind kind;

  private double amount;
  private @Nullable Long strikes;
  private UUID clientId;
  private Instant enteredAt;
  private Long enteredBy;

  /** For Hibernate only. */
  protected WaterEventEntry() {}

  WaterEventEntry(
      long enclosureId,
      WaterEvent event,
      @Nullable Long strikes,
      UUID clientId,
      Instant at,
      long by) {
    this.enclosureId = enclosureId;
    this.day = event.day();
    this.kind = event.kind();
    this.amount = event.amount();
    this.strikes = strikes;
    this.clientId = clientId;
    this.enteredAt = at;
    this.enteredBy = by;
  }

  /** An entry that takes this one back. */
  WaterEventEntry strike(UUID strikeId, Instant at, long by) {
    return new WaterEventEntry(
        enclosureId, new WaterEvent(day, kind, amount), id, strikeId, at, by);
  }

  Long id() {
    return id;
  }
}
