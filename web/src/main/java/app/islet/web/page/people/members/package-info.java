/** The page of a collection: who belongs to it, and what a person prefers. */
@NullMarked
package app.islet.web.page.people.members;

import org.jspecify.annotations.NullMarked;
