/** What was done on the rounds, skipped, or taken back. */
@NullMarked
package app.islet.web.store.tasks;

import org.jspecify.annotations.NullMarked;
