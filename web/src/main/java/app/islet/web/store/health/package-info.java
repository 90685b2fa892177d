/** What looked wrong with animals, and the courses they are in. */
@NullMarked
package app.islet.web.store.health;

import org.jspecify.annotations.NullMarked;
