package app.islet.core.enclosure;

import java.util.OptionalDouble;

/**
 * @param depthCm depth over the ground where it is deepest, 0 for no water
 * @param restBelowSurfaceCm how far below the surface the top of a rest (shelf, wood, dense plants)
 *     lies; absent without one
 * @param salinityPpt salt in the water, g/kg; 0 is fresh, about 35 the sea
 */
public record Water(
        double depthCm,
        OptionalDouble restBelowSurfaceCm,
        double salinityPpt,
        Chemistry chemistry) {
    /** Fresh water nobody tested. */
    public Water(double depthCm, OptionalDouble restBelowSurfaceCm) {
        this(depthCm, restBelowSurfaceCm, 0, Chemistry.UNKNOWN);
    }

    Water withDepthCm(double cm) {
        return new Water(cm, restBelowSurfaceCm, salinityPpt, chemistry);
    }

    Water withRestBelowSurfaceCm(double cm) {
        return new Water(depthCm, OptionalDouble.of(cm), salinityPpt, chemistry);
    }

    Water withSalinityPpt(double ppt) {
        return new Water(depthCm, restBelowSurfaceCm, ppt, chemistry);
    }

    public Water with(Chemistry tested) {
        return new Water(depthCm, restBelowSurfaceCm, salinityPpt, tested);
    }
}
