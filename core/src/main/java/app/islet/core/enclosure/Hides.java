package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;

/**
 * Caves, tubes and bark to be out of sight in.
 *
 * @param openingCm width of the narrowest opening; 0 where they are open on all sides, as plants
 *     are
 */
public record Hides(
    @Between(of = Dimension.COUNT, min = 1, max = 500) int count,
    @Stored(usual = "0", always = true) @Between(of = Dimension.LENGTH, min = 0, max = 200)
        double openingCm) {}
