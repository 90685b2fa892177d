package app.islet.web.store.tasks;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDate;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What the list of a day asked for at an enclosure, written down once and never changed. */
@Entity
@Table(name = "day_list")
class WrittenDay {
  @EmbeddedId private Key key;

  @JdbcTypeCode(SqlTypes.JSON)
  private String tasks;

  /** Enclosure and day together. */
  @Embeddable
  record Key(Long enclosureId, LocalDate day) implements Serializable {}

  /** For Hibernate only. */
  protected WrittenDay() {}

  WrittenDay(Key key, String tasks) {
    this.key = key;
    this.tasks = tasks;
  }

  Key key() {
    return key;
  }

  String tasks() {
    return tasks;
  }
}
