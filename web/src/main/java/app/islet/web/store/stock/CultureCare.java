package app.islet.web.store.stock;

import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Somebody saw to a culture on a day. */
@Entity
class CultureCare extends LogEntry {
  private Long cultureId;
  private LocalDate day;

  /** For Hibernate only. */
  protected CultureCare() {}

  CultureCare(long cultureId, LocalDate day, Stamp stamp, @Nullable Long voids) {
    super(stamp, voids);
    this.cultureId = cultureId;
    this.day = day;
  }

  CultureCare voided(Stamp stamp) {
    return new CultureCare(cultureId, day, stamp, id());
  }

  Long cultureId() {
    return cultureId;
  }

  LocalDate day() {
    return day;
  }
}
