package app.islet.core.plan;

import app.islet.core.care.Basis;
import app.islet.core.care.Rhythm;
import app.islet.core.quantity.Phrase;

/**
 * Something to be done again and again.
 *
 * @param key stays the same while the task means the same, so that a log can refer to it
 * @param title two or three words
 * @param amount exactly how much of what
 * @param how what to mind
 * @param minutes how long it takes, roughly; common practice, no source
 */
public record Task(String key, TaskKind kind, Phrase title, Phrase amount, Phrase how, Rhythm rhythm, double minutes, Basis basis) {}
