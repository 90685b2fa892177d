/** Today, enclosure by enclosure: what is due, ticked, skipped, taken back. */
@NullMarked
package app.islet.web.page.work.rounds;

import org.jspecify.annotations.NullMarked;
