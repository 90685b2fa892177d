package app.islet.core.enclosure;

/** A basking platform above the water line with a ramp into the water, by its dry top. */
public record Platform(double lengthCm, double widthCm) {}
