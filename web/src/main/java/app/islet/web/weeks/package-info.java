/** The next two weeks: what falls on which day, how many minutes it takes, and days off. */
@NullMarked
package app.islet.web.weeks;

import org.jspecify.annotations.NullMarked;
