package app.islet.web.store.health;

import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A day on which a course was done. */
@Entity
public class CourseEntry extends LogEntry {
  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "course_entry_id_seq")
  @SequenceGenerator(name = "course_entry_id_seq", allocationSize = 50)
  private Long id;

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

  Long id() {
    return id;
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
