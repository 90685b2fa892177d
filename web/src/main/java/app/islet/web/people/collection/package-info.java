/** A collection, who belongs to it in which role, and with which rights a request acts in it. */
@NullMarked
package app.islet.web.people.collection;

import org.jspecify.annotations.NullMarked;
