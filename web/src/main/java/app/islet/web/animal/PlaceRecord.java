package app.islet.web.animal;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

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

  private Long enclosureId;

  @Enumerated(EnumType.STRING)
  private Kind kind;

  private String name;

  /** For Hibernate only. */
  protected PlaceRecord() {}

  public PlaceRecord(long enclosureId, Kind kind, String name) {
    this.enclosureId = enclosureId;
    this.kind = kind;
    this.name = name;
  }

  /** Key on the books. */
  public String key() {
    return String.valueOf(id);
  }

  public Long id() {
    return id;
  }

  public Long enclosureId() {
    return enclosureId;
  }

  public Kind kind() {
    return kind;
  }

  /** Empty for the enclosure itself. */
  public String name() {
    return name;
  }
}
