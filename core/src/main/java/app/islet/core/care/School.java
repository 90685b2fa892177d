package app.islet.core.care;

/**
 * A named way of keeping.
 *
 * @param reason one sentence on why its keepers keep so
 */
public record School(String name, String reason) {}
