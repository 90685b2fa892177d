/** The first visit: the owner, the collection, the first room. */
@NullMarked
package app.islet.web.page.people.setup;

import org.jspecify.annotations.NullMarked;
