package app.islet.core.enclosure;

import java.util.OptionalDouble;

/**
 * @param depthCm depth over the ground where it is deepest, 0 for no water
 * @param restBelowSurfaceCm how far below the surface the top of a rest (shelf, wood, dense plants)
 *     lies; absent without one
 */
public record Water(double depthCm, OptionalDouble restBelowSurfaceCm) {}
