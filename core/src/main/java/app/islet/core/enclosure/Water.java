package app.islet.core.enclosure;

import java.util.OptionalDouble;

/**
 * @param depthCm depth over the ground where it is deepest, 0 for no water
 * @param restBelowSurfaceCm how far below the surface the top of a rest (shelf, wood, dense plants)
 *     lies; absent without one
 * @param salinityPpt salt in the water, g/kg; 0 is fresh, about 35 the sea
 */
public record Water(double depthCm, OptionalDouble restBelowSurfaceCm, double salinityPpt) {
    /** Fresh water. */
    public Water(double depthCm, OptionalDouble restBelowSurfaceCm) {
        this(depthCm, restBelowSurfaceCm, 0);
    }
}
