package app.islet.core.plan;

import app.islet.core.care.Evidence;
import app.islet.core.care.Recurrence;
import app.islet.core.quantity.Phrase;
import java.time.LocalDate;
import java.util.Optional;

/**
 * Something to be done again and again.
 *
 * @param key stays the same while the task means the same, so that a log can refer to it
 * @param title two or three words
 * @param amount exactly how much of what
 * @param how what to mind
 * @param lastKnown the last time it was done as far as the design tells, as the day a tube was
 *     fitted
 * @param minutes how long it takes, roughly; common practice, no source
 */
public record Task(
    String key,
    TaskKind kind,
    Phrase title,
    Phrase amount,
    Phrase how,
    Recurrence recurrence,
    Optional<LocalDate> lastKnown,
    double minutes,
    Evidence basis) {
  /** Whether a course or a case asks for it. */
  public boolean isOfHealth() {
    return kind == TaskKind.TREAT || key.startsWith("case:");
  }

  /** Whom a meal, a supplement or a bath is for, as their tasks are known by; empty for all. */
  String whose() {
    String[] parts = key.split(":");
    return parts.length > 1 ? parts[1] : "";
  }

  /** The same with one thing more to mind. */
  Task minding(Phrase more) {
    return new Task(
        key,
        kind,
        title,
        amount,
        Phrase.of("{} {}", how, more),
        recurrence,
        lastKnown,
        minutes,
        basis);
  }

  public Task(
      String key,
      TaskKind kind,
      Phrase title,
      Phrase amount,
      Phrase how,
      Recurrence recurrence,
      double minutes,
      Evidence basis) {
    this(key, kind, title, amount, how, recurrence, Optional.empty(), minutes, basis);
  }
}
