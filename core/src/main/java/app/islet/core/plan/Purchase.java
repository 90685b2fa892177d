package app.islet.core.plan;

import app.islet.core.quantity.Phrase;

/**
 * One thing the set-up needs.
 *
 * @param present whether the design has it already
 */
public record Purchase(String thing, Phrase size, boolean present) {}
