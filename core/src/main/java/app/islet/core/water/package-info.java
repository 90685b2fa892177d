/**
 * The water itself: oxygen, nitrogen and the bacteria that turn it, salt, changes, doses, and what
 * the keeper's tests say of all of it. Nitrogen is mg/L as nitrogen everywhere inside; kits that
 * count the ion are converted at the edge.
 */
@NullMarked
package app.islet.core.water;

import org.jspecify.annotations.NullMarked;
