/** What was done on the rounds, skipped, or taken back. */
@NullMarked
package app.islet.web.tasklog;

import org.jspecify.annotations.NullMarked;
