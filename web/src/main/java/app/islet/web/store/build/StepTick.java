package app.islet.web.store.build;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A step of building ticked, or unticked again; the newest of a step counts. */
@Entity
public class StepTick {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long enclosureId;
  private String step;
  private @Nullable LocalDate doneOn;
  private Instant tickedAt;
  private Long tickedBy;

  /** For Hibernate only. */
  protected StepTick() {}

  public StepTick(
      long enclosureId, String step, @Nullable LocalDate doneOn, Instant tickedAt, long tickedBy) {
    this.enclosureId = enclosureId;
    this.step = step;
    this.doneOn = doneOn;
    this.tickedAt = tickedAt;
    this.tickedBy = tickedBy;
  }

  public String step() {
    return step;
  }

  /** Empty where it was unticked. */
  public Optional<LocalDate> doneOn() {
    return Optional.ofNullable(doneOn);
  }
}
