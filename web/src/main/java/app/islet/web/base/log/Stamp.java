package app.islet.web.base.log;

import java.time.Instant;
import java.util.UUID;

/**
 * Who entered something, and when.
 *
 * @param clientId made by whoever sent it: the same id sent twice is the same entry
 * @param by id of the person
 */
public record Stamp(UUID clientId, Instant at, long by) {}
