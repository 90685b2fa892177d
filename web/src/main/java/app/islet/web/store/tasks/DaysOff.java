package app.islet.web.store.tasks;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import java.util.stream.Stream;

/** Days on which no big job is done: a holiday, or a helper's days. */
@Entity
@Table(name = "days_off")
public class DaysOff {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private LocalDate firstDay;
  private LocalDate lastDay;
  private String note;
  private UUID clientId;

  /** For Hibernate only. */
  protected DaysOff() {}

  DaysOff(long collectionId, LocalDate firstDay, LocalDate lastDay, String note, UUID clientId) {
    this.collectionId = collectionId;
    this.firstDay = firstDay;
    this.lastDay = lastDay;
    this.note = note;
    this.clientId = clientId;
  }

  public Long id() {
    return id;
  }

  public LocalDate firstDay() {
    return firstDay;
  }

  public LocalDate lastDay() {
    return lastDay;
  }

  public String note() {
    return note;
  }

  public Stream<LocalDate> days() {
    return firstDay.datesUntil(lastDay.plusDays(1));
  }

  public boolean has(LocalDate day) {
    return !day.isBefore(firstDay) && !day.isAfter(lastDay);
  }
}
