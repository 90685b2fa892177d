/** The animals themselves: all of a collection, and a page for each with its life. */
@NullMarked
package app.islet.web.page.animals;

import org.jspecify.annotations.NullMarked;
