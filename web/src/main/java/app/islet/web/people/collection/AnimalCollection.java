package app.islet.web.people.collection;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.ZoneId;
import java.util.UUID;

/**
 * A living collection: the animals of one household, class or museum. Everything belongs to one.
 */
@Entity
@Table(name = "collection")
public class AnimalCollection {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String slug;
  private String name;
  private String zone;
  private String contact = "";
  private UUID clientId;

  @Enumerated(EnumType.STRING)
  private WalkOrder walkOrder;

  /** Set by the database whenever the collection's own care sheets or its schools change. */
  @Column(insertable = false, updatable = false)
  private long version;

  /** Set by the database whenever something is entered on the books of the animals. */
  @Column(insertable = false, updatable = false)
  private long booksVersion;

  /** For Hibernate only. */
  protected AnimalCollection() {}

  public AnimalCollection(String slug, String name, ZoneId zone, UUID clientId) {
    this.slug = slug;
    this.name = name;
    this.zone = zone.getId();
    this.walkOrder = WalkOrder.HYGIENE;
    this.clientId = clientId;
  }

  /** In which order the rounds go through its enclosures. */
  public enum WalkOrder {
    /** Young before grown, healthy before quarantine and sick. */
    HYGIENE,
    /** Room by room. */
    ROOM,
    /** As put in order by hand. */
    OWN
  }

  /** Whom a helper calls when something looks wrong; empty where nobody said. */
  public String contact() {
    return contact;
  }

  void call(String whom) {
    this.contact = whom;
  }

  public WalkOrder walkOrder() {
    return walkOrder;
  }

  void liveIn(ZoneId newZone) {
    this.zone = newZone.getId();
  }

  void walk(WalkOrder order) {
    this.walkOrder = order;
  }

  public Long id() {
    return id;
  }

  public String slug() {
    return slug;
  }

  public String name() {
    return name;
  }

  public ZoneId zone() {
    return ZoneId.of(zone);
  }

  public long version() {
    return version;
  }
}
