package app.islet.core.enclosure;

import app.islet.core.quantity.Check;

/**
 * When the lights are switched.
 *
 * @param onHour hour of the day they go on at, 0 to 24
 * @param seasonal whether the day's length follows the sun at the site's latitude instead of the
 *     hours set
 */
public record Lighting(double onHour, boolean seasonal) {
    /** Eight in the morning, the same all year; common practice, no source. */
    public static final Lighting USUAL = new Lighting(8, false);

    public Lighting {
        Check.inRange("onHour", onHour, 0, 24);
    }
}
