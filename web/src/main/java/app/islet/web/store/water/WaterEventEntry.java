package app.islet.web.store.water;

import app.islet.core.water.WaterEvent;
import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * Something done to the water on a day. Never changed; an entry that voids another takes it back.
 */
@Entity
@Table(name = "water_event")
class WaterEventEntry extends LogEntry {
  private Long enclosureId;
  private LocalDate day;

  @Enumerated(EnumType.STRING)
  private WaterEvent.Kind kind;

  private double amount;

  /** For Hibernate only. */
  protected WaterEventEntry() {}

  WaterEventEntry(long enclosureId, WaterEvent event, Stamp stamp, @Nullable Long voids) {
    super(stamp, voids);
    this.enclosureId = enclosureId;
    this.day = event.day();
    this.kind = event.kind();
    this.amount = event.amount();
  }

  /** An entry that takes this one back. */
  WaterEventEntry voided(Stamp stamp) {
    return new WaterEventEntry(enclosureId, new WaterEvent(day, kind, amount), stamp, id());
  }
}
