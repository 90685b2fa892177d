package app.islet.core.enclosure;

/**
 * Caves, tubes and bark to be out of sight in.
 *
 * @param openingCm width of the narrowest opening; 0 where they are open on all sides, as plants
 *     are
 */
public record Hides(int count, double openingCm) {}
