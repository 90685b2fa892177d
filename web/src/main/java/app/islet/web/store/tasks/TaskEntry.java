package app.islet.web.store.tasks;

import app.islet.core.plan.Completion;
import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;

/** A task done or skipped on a day, or such an entry taken back. */
@Entity
@Table(name = "round_entry")
public class TaskEntry extends LogEntry {
  /** The keys of steps of a longer job begin with this; they are on no list of a day. */
  public static final String STEP = "change:";

  private Long enclosureId;
  private String taskKey;
  private String title;
  private LocalDate day;
  private int slot;

  @Enumerated(EnumType.STRING)
  private Kind kind;

  private String reason;

  /** What an entry says. */
  public enum Kind {
    DONE,
    SKIPPED,
    UNDONE
  }

  /**
   * What was settled.
   *
   * @param title as it read then
   * @param slot which of the day's times, from 1
   * @param reason why it was skipped; where it was done, a note on it, or empty
   */
  public record Settled(
      String taskKey, String title, LocalDate day, int slot, Kind kind, String reason) {}

  /** For Hibernate only. */
  protected TaskEntry() {}

  public TaskEntry(long enclosureId, Settled settled, Stamp stamp) {
    super(stamp, null);
    this.enclosureId = enclosureId;
    this.taskKey = settled.taskKey();
    this.title = settled.title();
    this.day = settled.day();
    this.slot = settled.slot();
    this.kind = settled.kind();
    this.reason = settled.reason();
  }

  private TaskEntry(TaskEntry undone, Stamp stamp) {
    super(stamp, undone.id());
    this.enclosureId = undone.enclosureId;
    this.taskKey = undone.taskKey;
    this.title = undone.title;
    this.day = undone.day;
    this.slot = undone.slot;
    this.kind = Kind.UNDONE;
    this.reason = "";
  }

  /** An entry that takes this one back. */
  TaskEntry undone(Stamp stamp) {
    return new TaskEntry(this, stamp);
  }

  public Completion completion() {
    return new Completion(taskKey, day, slot, kind == Kind.SKIPPED);
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
}
