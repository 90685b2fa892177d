package app.islet.web.store.enclosure;

import app.islet.core.enclosure.Enclosure;

/**
 * A saved design in the room it stands in.
 *
 * @param revision its number; a whole save says which one it started from
 */
public record Design(Enclosure enclosure, int revision) {}
