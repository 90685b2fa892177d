package app.islet.web.store.enclosure;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An enclosure as the store knows it: where it belongs. What it looks like is in its newest {@link
 * Revision}.
 */
@Entity
@Table(name = "enclosure")
public class EnclosureRecord {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private Long roomId;
  private String name;
  private LocalDate startedOn;
  private UUID clientId;

  /** Quarantine, or sick: visited last, with tools of its own. */
  private boolean apart;

  private @Nullable Integer walkPlace;

  /** Monday is 1. */
  private @Nullable Short changeWeekday;

  /** Set by the database whenever something changes that a page may show of the enclosure. */
  @Column(insertable = false, updatable = false)
  private long version;

  /** The same for what was done on the rounds. */
  @Column(insertable = false, updatable = false)
  private long taskVersion;

  /** For Hibernate only. */
  protected EnclosureRecord() {}

  public EnclosureRecord(
      long collectionId, long roomId, String name, LocalDate startedOn, UUID clientId) {
    this.collectionId = collectionId;
    this.roomId = roomId;
    this.name = name;
    this.startedOn = startedOn;
    this.clientId = clientId;
  }

  public void rename(String newName) {
    this.name = newName;
  }

  public void moveTo(Room room) {
    this.roomId = room.id();
  }

  /**
   * Its place on the walk.
   *
   * @param isApart whether it is visited last, with tools of its own
   * @param place where it comes by hand, from 1; null for after those that have a place
   */
  void walk(boolean isApart, @Nullable Integer place) {
    this.apart = isApart;
    this.walkPlace = place;
  }

  /** From now on its water is changed on that weekday; null for when it falls due. */
  void changeOn(@Nullable DayOfWeek weekday) {
    this.changeWeekday = weekday == null ? null : (short) weekday.getValue();
  }

  /** The weekday its water is changed on, where the keeper wants one. */
  public Optional<DayOfWeek> changeWeekday() {
    return changeWeekday == null ? Optional.empty() : Optional.of(DayOfWeek.of(changeWeekday));
  }

  public boolean isApart() {
    return apart;
  }

  public @Nullable Integer walkPlace() {
    return walkPlace;
  }

  public Long id() {
    return id;
  }

  public Long collectionId() {
    return collectionId;
  }

  public Long roomId() {
    return roomId;
  }

  public String name() {
    return name;
  }

  public LocalDate startedOn() {
    return startedOn;
  }

  public long version() {
    return version;
  }

  public long taskVersion() {
    return taskVersion;
  }
}
