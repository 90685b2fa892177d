package app.islet.web.store.animal;

import app.islet.core.livestock.LifeEvent;
import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Something that happened to an animal, as the store knows it. */
@Entity
public class LifeEntry extends LogEntry {
  private Long animalId;
  private LocalDate day;

  @Enumerated(EnumType.STRING)
  private LifeEvent.Kind kind;

  private @Nullable Double amount;
  private String note;

  /** For Hibernate only. */
  protected LifeEntry() {}

  LifeEntry(long animalId, LifeEvent event, Stamp stamp, @Nullable Long voids) {
    super(stamp, voids);
    this.animalId = animalId;
    this.day = event.day();
    this.kind = event.kind();
    this.amount = event.amount().isPresent() ? event.amount().getAsDouble() : null;
    this.note = event.note();
  }

  public LifeEvent event() {
    return new LifeEvent(
        day, kind, amount == null ? OptionalDouble.empty() : OptionalDouble.of(amount), note);
  }

  public Long animalId() {
    return animalId;
  }
}
