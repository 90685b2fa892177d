package app.islet.core.care;

import app.islet.core.quantity.Range;

/**
 * @param years how old it grows in good care
 */
public record Lifespan(Range years, Evidence basis) {}
