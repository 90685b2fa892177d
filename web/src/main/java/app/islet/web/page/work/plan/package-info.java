/** What is done how often in an enclosure, and what comes in the next fortnight. */
@NullMarked
package app.islet.web.page.work.plan;

import org.jspecify.annotations.NullMarked;
