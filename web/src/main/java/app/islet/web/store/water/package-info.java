/** The log of the water: what was tested and done, in PostgreSQL, only ever added to. */
@NullMarked
package app.islet.web.store.water;

import org.jspecify.annotations.NullMarked;
