/**
 * Care sheets of a collection, its own beside those that come with Islet, and the schools it
 * follows.
 */
@NullMarked
package app.islet.web.store.care;

import org.jspecify.annotations.NullMarked;
