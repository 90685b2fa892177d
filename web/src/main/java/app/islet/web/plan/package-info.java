/** What is done how often in an enclosure, and what comes in the next fortnight. */
@NullMarked
package app.islet.web.plan;

import org.jspecify.annotations.NullMarked;
