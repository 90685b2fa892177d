/** Arithmetic of the water itself: changes, dilution, the ammonia that food makes. */
@NullMarked
package app.islet.core.water;

import org.jspecify.annotations.NullMarked;
