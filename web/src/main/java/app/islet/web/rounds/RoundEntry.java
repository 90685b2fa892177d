package app.islet.web.rounds;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A task done or skipped, or such an entry taken back. Never changed. */
@Entity
public class RoundEntry {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long enclosureId;
  private String taskKey;
  private String title;
  private LocalDate day;
  private int slot;

  @Enumerated(EnumType.STRING)
  private Kind kind;

  private String reason;
  private @Nullable Long strikes;
  private UUID clientId;
  private Instant enteredAt;
  private Long enteredBy;

  /** What an entry says. */
  public enum Kind {
    DONE,
    SKIPPED,
    UNDONE
  }

  /** For Hibernate only. */
  protected RoundEntry() {}

  public RoundEntry(
      long enclosureId,
      String taskKey,
      String title,
      LocalDate day,
      int slot,
      Kind kind,
      String reason,
      UUID clientId,
      Instant at,
      long by) {
    this.enclosureId = enclosureId;
    this.taskKey = taskKey;
    this.title = title;
    this.day = day;
    this.slot = slot;
    this.kind = kind;
    this.reason = reason;
    this.clientId = clientId;
    this.enteredAt = at;
    this.enteredBy = by;
  }

  /** An entry that takes this one back. */
  RoundEntry undo(UUID undoId, Instant at, long by) {
    RoundEntry undo =
        new RoundEntry(enclosureId, taskKey, title, day, slot, Kind.UNDONE, "", undoId, at, by);
    undo.strikes = id;
    return undo;
  }

  public Long id() {
    return id;
  }

  public Long enclosureId() {
    return enclosureId;
  }

  public String taskKey() {
    return taskKey;
  }

  public String title() {
    return title;
  }

  public LocalDate day() {
    return day;
  }

  public int slot() {
    return slot;
  }

  public Kind kind() {
    return kind;
  }

  public String reason() {
    return reason;
  }

  public Instant enteredAt() {
    return enteredAt;
  }
}
