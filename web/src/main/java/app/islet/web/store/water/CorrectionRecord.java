package app.islet.web.store.water;

import app.islet.core.water.Correction;
import app.islet.core.water.Parameter;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A correction of the water that was begun, and perhaps ended. */
@Entity
@Table(name = "correction")
class CorrectionRecord {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long enclosureId;

  @Enumerated(EnumType.STRING)
  private Parameter parameter;

  private double fromValue;
  private double toValue;
  private LocalDate begunOn;
  private @Nullable LocalDate endedOn;
  private UUID clientId;

  /** For Hibernate only. */
  protected CorrectionRecord() {}

  CorrectionRecord(long enclosureId, Correction correction, UUID clientId) {
    this.enclosureId = enclosureId;
    this.parameter = correction.parameter();
    this.fromValue = correction.from();
    this.toValue = correction.to();
    this.begunOn = correction.begunOn();
    this.clientId = clientId;
  }

  void end(LocalDate day) {
    this.endedOn = day;
  }

  Long enclosureId() {
    return enclosureId;
  }

  Correction correction() {
    return new Correction(parameter, fromValue, toValue, begunOn);
  }
}
