package app.islet.core.review;

import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Phrase;

import java.util.Optional;

/**
 * What mends a finding.
 *
 * @param change the number to set, where the remedy is one; applying it clears the finding
 */
public record Remedy(Phrase text, Optional<Change> change) {}
