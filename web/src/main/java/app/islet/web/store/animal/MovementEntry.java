package app.islet.web.store.animal;

import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A movement on the books, as the store knows it. */
@Entity
@Table(name = "movement")
public class MovementEntry extends LogEntry {
  private Long animalId;
  private LocalDate day;

  @Column(name = "head_count")
  private int count;

  @Enumerated(EnumType.STRING)
  private Place.Kind fromKind;

  private @Nullable Long fromPlace;
  private @Nullable Long fromAnimal;

  @Enumerated(EnumType.STRING)
  private Place.Kind toKind;

  private @Nullable Long toPlace;
  private @Nullable Long toAnimal;
  private String cause;
  private String note;
  private UUID act;

  /** For Hibernate only. */
  protected MovementEntry() {}

  /**
   * @param act what was done at once, and is undone at once
   * @param undoes number of the entry this one undoes; null where it undoes none
   */
  MovementEntry(Movement m, UUID act, Stamp stamp, @Nullable Long undoes) {
    super(stamp, undoes);
    this.animalId = Long.valueOf(m.animals());
    this.day = m.day();
    this.count = m.count();
    this.fromKind = m.from().kind();
    this.fromPlace = idOf(m.from(), Place.Kind.KEPT);
    this.fromAnimal = idOf(m.from(), Place.Kind.OTHER);
    this.toKind = m.to().kind();
    this.toPlace = idOf(m.to(), Place.Kind.KEPT);
    this.toAnimal = idOf(m.to(), Place.Kind.OTHER);
    this.cause = m.cause();
    this.note = m.note();
    this.act = act;
  }

  private static @Nullable Long idOf(Place place, Place.Kind kind) {
    return place.kind() == kind ? Long.valueOf(place.name()) : null;
  }

  /** As the core reads it; names are the keys of animals and places. */
  public Movement movement() {
    return new Movement(
        day,
        String.valueOf(animalId),
        count,
        place(fromKind, fromPlace, fromAnimal),
        place(toKind, toPlace, toAnimal),
        cause,
        note);
  }

  private static Place place(Place.Kind kind, @Nullable Long place, @Nullable Long animal) {
    return new Place(
        kind, place != null ? String.valueOf(place) : animal != null ? String.valueOf(animal) : "");
  }

  public Long animalId() {
    return animalId;
  }

  UUID act() {
    return act;
  }
}
