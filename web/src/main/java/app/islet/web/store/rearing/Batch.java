package app.islet.web.store.rearing;

import app.islet.core.rearing.Housing;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A clutch or brood that is raised: who they are stands in the animal, here is how. */
@Entity
public class Batch {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private Long animalId;
  @Embedded private Origin origin = new Origin(null, null, null, null, false);

  /** Null where nothing of it is known. */
  @Embedded private @Nullable Stand stand;

  @Enumerated(EnumType.STRING)
  private Housing.Kind housing = Housing.Kind.SINGLY;

  private @Nullable Integer fertile;
  private String note = "";
  private @Nullable LocalDate finishedOn;
  private UUID clientId;

  /**
   * Where they come from.
   *
   * @param beganOn born or hatched; null while they are eggs
   * @param estimated whether they were not counted one by one
   */
  @Embeddable
  public record Origin(
      @Nullable LocalDate laidOn,
      @Nullable LocalDate beganOn,
      @Nullable Long motherId,
      @Nullable Long fatherId,
      boolean estimated) {}

  /**
   * Where they stand.
   *
   * @param waterC of their water, where it was measured, °C
   */
  @Embeddable
  public record Stand(
      @Nullable Long enclosureId,
      @Nullable Long roomId,
      @Column(name = "water_c") @Nullable Double waterC) {}

  private static final Stand ANYWHERE = new Stand(null, null, null);

  /** For Hibernate only. */
  protected Batch() {}

  Batch(
      long collectionId,
      long animalId,
      Origin origin,
      Stand stand,
      Housing.Kind housing,
      UUID clientId) {
    this.collectionId = collectionId;
    this.animalId = animalId;
    this.origin = origin;
    this.stand = stand;
    this.housing = housing;
    this.clientId = clientId;
  }

  /** The first of them hatched. */
  Batch hatched(LocalDate day) {
    if (origin.beganOn == null) {
      this.origin =
          new Origin(origin.laidOn, day, origin.motherId, origin.fatherId, origin.estimated);
    }
    return this;
  }

  /** Other water, other housing, what there is to say. */
  Batch keep(Housing.Kind kind, @Nullable Double waterC, String newNote) {
    this.housing = kind;
    this.stand = new Stand(stand().enclosureId, stand().roomId, waterC);
    this.note = newNote;
    return this;
  }

  Batch candled(int count) {
    this.fertile = count;
    return this;
  }

  Batch finish(LocalDate day) {
    this.finishedOn = day;
    return this;
  }

  Batch reopen() {
    this.finishedOn = null;
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

  public Origin origin() {
    return origin;
  }

  public Optional<LocalDate> beganOn() {
    return Optional.ofNullable(origin.beganOn);
  }

  public Stand stand() {
    return stand == null ? ANYWHERE : stand;
  }

  public OptionalDouble waterC() {
    Double waterC = stand().waterC;
    return waterC == null ? OptionalDouble.empty() : OptionalDouble.of(waterC);
  }

  public Housing.Kind housing() {
    return housing;
  }

  /** Eggs that were seen to be fertile; empty where they were not checked. */
  public Optional<Integer> fertile() {
    return Optional.ofNullable(fertile);
  }

  public String note() {
    return note;
  }

  public Optional<LocalDate> finishedOn() {
    return Optional.ofNullable(finishedOn);
  }
}
