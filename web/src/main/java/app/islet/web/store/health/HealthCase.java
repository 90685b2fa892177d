package app.islet.web.store.health;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Something that looked wrong with an animal; open until it has an outcome. */
@Entity
public class HealthCase {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private Long animalId;
  private LocalDate beganOn;
  private String signs;
  private String note;
  private @Nullable LocalDate endedOn;

  @Enumerated(EnumType.STRING)
  private @Nullable Outcome outcome;

  private UUID clientId;
  private Long enteredBy;

  /** What became of it. */
  public enum Outcome {
    WELL,
    /** The vet has taken over. */
    VET,
    DIED,
    /** It was nothing. */
    NOTHING
  }

  /** For Hibernate only. */
  protected HealthCase() {}

  HealthCase(long collectionId, long animalId, Seen seen, UUID clientId, long enteredBy) {
    this.collectionId = collectionId;
    this.animalId = animalId;
    this.beganOn = seen.day();
    this.signs = String.join(" ", seen.signs());
    this.note = seen.note();
    this.clientId = clientId;
    this.enteredBy = enteredBy;
  }

  /**
   * What was seen.
   *
   * @param signs ids of signs
   */
  public record Seen(LocalDate day, List<String> signs, String note) {}

  HealthCase end(LocalDate day, Outcome how) {
    this.endedOn = day;
    this.outcome = how;
    return this;
  }

  HealthCase reopen() {
    this.endedOn = null;
    this.outcome = null;
    return this;
  }

  public Long id() {
    return id;
  }

  public Long animalId() {
    return animalId;
  }

  public LocalDate beganOn() {
    return beganOn;
  }

  /** Ids of the signs. */
  public List<String> signs() {
    return List.of(signs.split(" "));
  }

  public String note() {
    return note;
  }

  public Optional<LocalDate> endedOn() {
    return Optional.ofNullable(endedOn);
  }

  public Optional<Outcome> outcome() {
    return Optional.ofNullable(outcome);
  }
}
