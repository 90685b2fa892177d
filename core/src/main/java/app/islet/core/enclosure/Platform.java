package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.quantity.Dimension;

/** A basking platform above the water line with a ramp into the water, by its dry top. */
public record Platform(
    @Between(of = Dimension.LENGTH, min = 1, max = Vessel.MAX_CM) double lengthCm,
    @Between(of = Dimension.LENGTH, min = 1, max = Vessel.MAX_CM) double widthCm) {}
