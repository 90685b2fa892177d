/** Enclosures, their rooms, and their design in numbered revisions, changed under a lock. */
@NullMarked
package app.islet.web.store.enclosure;

import org.jspecify.annotations.NullMarked;
