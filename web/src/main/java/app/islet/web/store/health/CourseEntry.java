package app.islet.web.store.health;

import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A day on which a course was done. */
@Entity
public class CourseEntry extends LogEntry {
  private Long courseId;
  private LocalDate day;
  private String note;

  /** For Hibernate only. */
  protected CourseEntry() {}

  CourseEntry(long courseId, LocalDate day, String note, Stamp stamp, @Nullable Long voids) {
    super(stamp, voids);
    this.courseId = courseId;
    this.day = day;
    this.note = note;
  }

  Long courseId() {
    return courseId;
  }

  public LocalDate day() {
    return day;
  }

  public String note() {
    return note;
  }
}
