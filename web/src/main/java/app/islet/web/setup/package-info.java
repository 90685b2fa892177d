/** The first visit: the owner, the collection, the first room. */
@NullMarked
package app.islet.web.setup;

import org.jspecify.annotations.NullMarked;
