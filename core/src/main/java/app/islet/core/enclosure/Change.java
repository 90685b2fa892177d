package app.islet.core.enclosure;

/**
 * One number of a design set to another value: what a remedy with a number does when it is applied.
 *
 * @param field the field of the enclosure document, as {@code /water/depthCm}; {@code
 *     /equipment/heater/powerW} and its like set the rating of the first such device, and fit one
 *     where there is none; {@code /platform/sideCm} makes the platform a square of that side
 */
public record Change(String field, double value) {}
