package app.islet.core.plan;

/**
 * A task on the list of one day.
 *
 * @param slot which of the day's times, from 1
 * @param daysLate days since it first fell due, 0 when it is due today
 * @param settled whether it has been done or skipped on this day
 */
public record DueTask(Task task, int slot, int daysLate, boolean settled) {}
