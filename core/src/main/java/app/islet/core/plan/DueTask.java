package app.islet.core.plan;

import app.islet.core.quantity.Phrase;

/**
 * A task on the list of one day.
 *
 * @param slot which of the day's times, from 1
 * @param daysLate days since it first fell due, 0 when it is due today
 * @param share of the day's portion of food: less than 1 where foods share it
 * @param amount exactly how much today
 * @param settled whether it has been done or skipped on this day
 */
public record DueTask(
    Task task, int slot, int daysLate, double share, Phrase amount, boolean settled) {
  static DueTask of(Task task, int slot, int daysLate, boolean settled) {
    return new DueTask(task, slot, daysLate, 1, task.amount(), settled);
  }
}
