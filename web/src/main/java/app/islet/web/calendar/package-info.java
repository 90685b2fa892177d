/** The work of the coming weeks as iCalendar, for general calendar programs. */
@NullMarked
package app.islet.web.calendar;

import org.jspecify.annotations.NullMarked;
