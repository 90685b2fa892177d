package app.islet.core.plan;

import java.time.LocalDate;
import java.util.Optional;

/**
 * The day the next time of a task was put on.
 *
 * @param after when it was done last as the day was chosen: once it has been done again, the choice
 *     is used up
 */
public record PlannedDay(Optional<LocalDate> after, LocalDate day) {}
