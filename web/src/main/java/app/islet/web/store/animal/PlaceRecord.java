package app.islet.web.store.animal;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Somewhere animals are kept: an enclosure, or a tub or box in it, or its eggs. */
@Entity
@Table(name = "place")
public class PlaceRecord {
  /** What a place is. */
  public enum Kind {
    ENCLOSURE,
    TUB,
    BOX,
    EGGS
  }

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private @Nullable Long enclosureId;
  private @Nullable Long batchId;
  private boolean closed;

  @Enumerated(EnumType.STRING)
  private Kind kind;

  private String name;

  /** For Hibernate only. */
  protected PlaceRecord() {}

  /** A tub or box in an enclosure, or its eggs. */
  PlaceRecord(long collectionId, long enclosureId, Kind kind, String name) {
    this.collectionId = collectionId;
    this.enclosureId = enclosureId;
    this.kind = kind;
    this.name = name;
  }

  /** One of a batch, in an enclosure or on a shelf. */
  public static PlaceRecord ofBatch(
      long collectionId, @Nullable Long enclosureId, long batchId, Kind kind, String name) {
    PlaceRecord place = new PlaceRecord();
    place.collectionId = collectionId;
    place.enclosureId = enclosureId;
    place.batchId = batchId;
    place.kind = kind;
    place.name = name;
    return place;
  }

  /** Key on the books. */
  public String key() {
    return String.valueOf(id);
  }

  public Long id() {
    return id;
  }

  /** Empty for a tub that stands on a shelf. */
  public Optional<Long> enclosureId() {
    return Optional.ofNullable(enclosureId);
  }

  /** Put away: nothing goes there any more. */
  /** The batch whose tub it is. */
  public Optional<Long> batchId() {
    return Optional.ofNullable(batchId);
  }

  public boolean closed() {
    return closed;
  }

  public PlaceRecord close() {
    this.closed = true;
    return this;
  }

  public Kind kind() {
    return kind;
  }

  /** Empty for the enclosure itself. */
  public String name() {
    return name;
  }
}
