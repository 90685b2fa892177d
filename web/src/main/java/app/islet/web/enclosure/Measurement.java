package app.islet.web.enclosure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A length or a mass on a day. Never changed; an entry that {@code strikes} another takes it back.
 */
@Entity
public class Measurement {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long residentId;
  private LocalDate day;
  private @Nullable Double lengthCm;

  @Column(name = "mass_g")
  private @Nullable Double massG;

  private @Nullable Long strikes;
  private UUID clientId;
  private Instant enteredAt;
  private Long enteredBy;

  /** For Hibernate only. */
  protected Measurement() {}

  public Measurement(
      long residentId,
      LocalDate day,
      @Nullable Double lengthCm,
      @Nullable Double massG,
      @Nullable Long strikes,
      UUID clientId,
      Instant enteredAt,
      long enteredBy) {
    this.residentId = residentId;
    this.day = day;
    this.lengthCm = lengthCm;
    this.massG = massG;
    this.strikes = strikes;
    this.clientId = clientId;
    this.enteredAt = enteredAt;
    this.enteredBy = enteredBy;
  }

  public Long id() {
    return id;
  }

  public Long residentId() {
    return residentId;
  }

  public LocalDate day() {
    return day;
  }

  public @Nullable Double lengthCm() {
    return lengthCm;
  }

  public @Nullable Double massG() {
    return massG;
  }

  public @Nullable Long strikes() {
    return strikes;
  }
}
