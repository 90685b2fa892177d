package app.islet.core.health;

import app.islet.core.quantity.Phrase;

/** Something the records tell, with its figure, as in {@code Ammonia 0.5 mg/L, yesterday}. */
public record RecordedFact(RecordKind kind, Phrase words) {}
