/**
 * Numbers with units: SI inside, the keeper's units at the edge.
 *
 * <p>Inside, a bare {@code double} carries its unit in its name ({@code depthCm}, {@code tempC}). A
 * {@link app.islet.core.quantity.Quantity} is used where a number leaves the core in a sentence or
 * on a screen: it knows what it measures and writes itself in metric or US customary units.
 */
@NullMarked
package app.islet.core.quantity;

import org.jspecify.annotations.NullMarked;
