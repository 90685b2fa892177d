package app.islet.web.store.tasks;

import app.islet.core.plan.PlannedDay;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The day the next time of a task was put on. */
@Entity
@Table(name = "planned_day")
class PlannedDayRecord {
  @EmbeddedId private Key key;
  private @Nullable LocalDate afterDay;
  private LocalDate day;

  /** Enclosure and task together. */
  @Embeddable
  record Key(Long enclosureId, String taskKey) implements Serializable {}

  /** For Hibernate only. */
  protected PlannedDayRecord() {}

  PlannedDayRecord(Key key, PlannedDay planned) {
    this.key = key;
    this.afterDay = planned.after().orElse(null);
    this.day = planned.day();
  }

  Key key() {
    return key;
  }

  PlannedDay planned() {
    return new PlannedDay(Optional.ofNullable(afterDay), day);
  }
}
