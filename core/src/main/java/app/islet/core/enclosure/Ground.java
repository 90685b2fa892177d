package app.islet.core.enclosure;

import app.islet.core.care.GroundMaterial;

/** What covers the floor under the water, {@code depthCm} thick. */
public record Ground(GroundMaterial material, double depthCm) {
    /** The vessel's own floor. */
    public static final Ground NONE = new Ground(GroundMaterial.BARE, 0);
}
