package app.islet.core.animal;

import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * What was measured of some animals on a day.
 *
 * @param lengthCm of one, or of the largest of several
 * @param smallestCm of the smallest, where they differ
 * @param massG of each
 */
public record Sizing(
    LocalDate day, OptionalDouble lengthCm, OptionalDouble smallestCm, OptionalDouble massG) {}
