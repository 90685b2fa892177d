/** The next two weeks: what falls on which day, how many minutes it takes, and days off. */
@NullMarked
package app.islet.web.page.work.weeks;

import org.jspecify.annotations.NullMarked;
