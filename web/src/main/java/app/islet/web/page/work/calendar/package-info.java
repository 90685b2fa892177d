/** The work of the coming weeks as iCalendar, for general calendar programs. */
@NullMarked
package app.islet.web.page.work.calendar;

import org.jspecify.annotations.NullMarked;
