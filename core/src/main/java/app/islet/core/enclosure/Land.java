package app.islet.core.enclosure;

/**
 * Raised ground at the right end.
 *
 * @param sharePercent share of the vessel's length its foot takes, slope included
 * @param heightCm its top above the vessel's floor
 * @param rampCm horizontal run of the slope towards the water; 0 is an upright wall
 */
public record Land(double sharePercent, double heightCm, double rampCm) {}
