package app.islet.core.enclosure;

import app.islet.core.care.Surface;

/**
 * Things that are put into an enclosure.
 *
 * <p>Densities are common practice, no source: stone 2.6, waterlogged wood 1.1, cork 0.25, moist
 * soil 1.2, wet sand 1.9 kg/L.
 */
public enum PartKind {
    STONE("stone", 1, 2.6, Surface.ROUGH, true),
    WOOD("wood", 1, 1.1, Surface.ROUGH, true),
    CORK("cork", 1, 0.25, Surface.ROUGH, true),
    CAVE("cave", 0.25, 2.0, Surface.ROUGH, true),
    RAMP("ramp", 0.15, 1.0, Surface.ROUGH, true),
    SHELF("shelf", 1, 1.1, Surface.ROUGH, true),
    FLOAT("floating platform", 0, 0.25, Surface.ROUGH, true),
    TERRACE("terrace of ground", 1, 1.9, Surface.LOOSE, true),
    EGG_BOX("egg box", 1, 1.9, Surface.LOOSE, true),
    BOX("smooth box", 1, 1.0, Surface.SMOOTH, true),
    PLANTS("plants", 0, 0.1, Surface.ROUGH, false);

    private final String words;
    private final double fill;
    private final double kgPerL;
    private final Surface surface;
    private final boolean carries;

    PartKind(String words, double fill, double kgPerL, Surface surface, boolean carries) {
        this.words = words;
        this.fill = fill;
        this.kgPerL = kgPerL;
        this.surface = surface;
        this.carries = carries;
    }

    public String words() {
        return words;
    }

    /** Share of its outline that is solid and takes the place of water. */
    public double fill() {
        return fill;
    }

    /** Density of what is solid of it, kg/L. */
    public double kgPerL() {
        return kgPerL;
    }

    /** What an animal walks on, on top of it. */
    public Surface surface() {
        return surface;
    }

    /** Whether an animal can stand on it. */
    public boolean carries() {
        return carries;
    }

    public boolean floats() {
        return this == FLOAT;
    }
}
