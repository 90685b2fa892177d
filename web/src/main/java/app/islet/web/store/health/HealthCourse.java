package app.islet.web.store.health;

import app.islet.core.health.CourseResults;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A course an animal is in. */
@Entity
public class HealthCourse {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private Long animalId;
  private String course;
  private LocalDate beganOn;
  private @Nullable LocalDate endedOn;
  private String result = "";

  @Enumerated(EnumType.STRING)
  private CourseResults.@Nullable Ending ending;

  private UUID clientId;

  /** For Hibernate only. */
  protected HealthCourse() {}

  HealthCourse(long collectionId, long animalId, String course, LocalDate beganOn, UUID clientId) {
    this.collectionId = collectionId;
    this.animalId = animalId;
    this.course = course;
    this.beganOn = beganOn;
    this.clientId = clientId;
  }

  HealthCourse end(LocalDate day, CourseResults.Ending by, String how) {
    this.endedOn = day;
    this.ending = by;
    this.result = how;
    return this;
  }

  public Long id() {
    return id;
  }

  public Long collectionId() {
    return collectionId;
  }

  public Long animalId() {
    return animalId;
  }

  /** Id of the procedure. */
  public String course() {
    return course;
  }

  public LocalDate beganOn() {
    return beganOn;
  }

  public Optional<LocalDate> endedOn() {
    return Optional.ofNullable(endedOn);
  }

  /** How it ended; empty while it runs, and where nobody said. */
  public Optional<CourseResults.Ending> ending() {
    return Optional.ofNullable(ending);
  }

  public String result() {
    return result;
  }
}
