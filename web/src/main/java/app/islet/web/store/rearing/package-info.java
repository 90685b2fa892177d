/**
 * Batches of young, their tubs, and what was done to each. How many there are stands on the books
 * of the animals.
 */
@NullMarked
package app.islet.web.store.rearing;

import org.jspecify.annotations.NullMarked;
