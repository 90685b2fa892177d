package app.islet.web.store.animal;

import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** A length or a mass on a day. */
@Entity
public class Measurement extends LogEntry {
  private Long animalId;
  private LocalDate day;
  private @Nullable Double lengthCm;

  @Column(name = "smallest_cm")
  private @Nullable Double smallestCm;

  @Column(name = "mass_g")
  private @Nullable Double massG;

  /** For Hibernate only. */
  protected Measurement() {}

  public Measurement(
      long animalId,
      LocalDate day,
      OptionalDouble lengthCm,
      OptionalDouble smallestCm,
      OptionalDouble massG,
      Stamp stamp) {
    super(stamp, null);
    this.animalId = animalId;
    this.day = day;
    this.lengthCm = lengthCm.isPresent() ? lengthCm.getAsDouble() : null;
    this.smallestCm = smallestCm.isPresent() ? smallestCm.getAsDouble() : null;
    this.massG = massG.isPresent() ? massG.getAsDouble() : null;
  }

  private Measurement(Measurement other, Stamp stamp, @Nullable Long voids) {
    super(stamp, voids);
    this.animalId = other.animalId;
    this.day = other.day;
  }

  /** An entry that takes this one back. */
  Measurement voided(Stamp stamp) {
    return new Measurement(this, stamp, id());
  }

  /** The same once more. */
  Measurement again(Stamp stamp) {
    Measurement other = new Measurement(this, stamp, null);
    other.lengthCm = lengthCm;
    other.smallestCm = smallestCm;
    other.massG = massG;
    return other;
  }

  public Long animalId() {
    return animalId;
  }

  public LocalDate day() {
    return day;
  }

  public @Nullable Double lengthCm() {
    return lengthCm;
  }

  /** Of the smallest of them, where they differ. */
  public @Nullable Double smallestCm() {
    return smallestCm;
  }

  public @Nullable Double massG() {
    return massG;
  }
}
