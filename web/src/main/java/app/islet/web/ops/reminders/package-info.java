/** What reaches keepers outside the pages: what is urgent, and the morning's list. */
@NullMarked
package app.islet.web.ops.reminders;

import org.jspecify.annotations.NullMarked;
