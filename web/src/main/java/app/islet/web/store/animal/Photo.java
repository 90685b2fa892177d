package app.islet.web.store.animal;

import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;

/** A photo of an animal: the day and what it shows; the picture itself lies apart. */
@Entity
public class Photo extends LogEntry {
  /** What it shows. */
  public enum Shows {
    ALL,
    SHELL,
    BELLY,
    HEAD,
    GILLS,
    SKIN,
    EGGS
  }

  private Long animalId;
  private LocalDate day;

  @Enumerated(EnumType.STRING)
  private Shows shows;

  private String note;
  private int width;
  private int height;

  /** For Hibernate only. */
  protected Photo() {}

  Photo(long animalId, LocalDate day, Shows shows, String note, UprightPhoto taken, Stamp stamp) {
    super(stamp, null);
    this.animalId = animalId;
    this.day = day;
    this.shows = shows;
    this.note = note;
    this.width = taken.width();
    this.height = taken.height();
  }

  private Photo(Photo taken, Stamp stamp) {
    super(stamp, taken.id());
    this.animalId = taken.animalId;
    this.day = taken.day;
    this.shows = taken.shows;
    this.note = "";
    this.width = taken.width;
    this.height = taken.height;
  }

  /** An entry that takes this one back. */
  Photo voided(Stamp stamp) {
    return new Photo(this, stamp);
  }

  public Long animalId() {
    return animalId;
  }

  public LocalDate day() {
    return day;
  }

  public Shows shows() {
    return shows;
  }

  public String note() {
    return note;
  }

  /** In pixels. */
  public int width() {
    return width;
  }

  public int height() {
    return height;
  }
}
