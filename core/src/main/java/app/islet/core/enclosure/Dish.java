package app.islet.core.enclosure;

/**
 * A bowl or pool beside the main water.
 *
 * @param salinityPpt salt in it, g/kg
 * @param slope whether an animal can walk out of it
 */
public record Dish(double depthCm, double salinityPpt, boolean slope) {}
