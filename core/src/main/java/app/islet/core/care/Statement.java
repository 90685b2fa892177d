package app.islet.core.care;

import app.islet.core.quantity.Phrase;

/** One thing a care sheet says, and what it rests on. */
public record Statement(String about, Phrase text, Evidence basis) {}
