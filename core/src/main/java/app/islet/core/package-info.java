/**
 * The job: what an enclosure is, what its animals need, and what follows. {@link
 * app.islet.core.Assessment} is the front door. No interface code, no clock and no store in here.
 */
@NullMarked
package app.islet.core;

import org.jspecify.annotations.NullMarked;
