package app.islet.core.plan;

import java.time.LocalDate;

/**
 * One time a task was settled.
 *
 * @param slot which of the day's times, from 1
 * @param skipped whether it was passed over on purpose
 */
public record Completion(String taskKey, LocalDate day, int slot, boolean skipped) {}
