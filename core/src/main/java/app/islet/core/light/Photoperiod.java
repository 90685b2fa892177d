package app.islet.core.light;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;

import java.time.LocalDate;

/**
 * When the lights are on, day by day: the hours set, or those of the sun where the site lies, kept
 * between eight hours and sixteen.
 *
 * @param hours the same every day, where the sun is not followed
 */
public record Photoperiod(double onHour, double hours, boolean seasonal, Site site) {
    private static final double USUAL_HOURS = 12;

    /** A tank is in no polar night; common practice, no source. */
    private static final double SHORTEST_HOURS = 8;

    private static final double LONGEST_HOURS = 16;

    /** A temperate place for one who did not say where; from memory. */
    private static final double USUAL_LATITUDE = 45;

    public static Photoperiod of(Enclosure e) {
        return new Photoperiod(
                e.conditions().lighting().onHour(),
                e.conditions().lightHours().orElse(USUAL_HOURS),
                e.conditions().lighting().seasonal(),
                e.site());
    }

    public double hoursOn(LocalDate date) {
        if (!seasonal) {
            return hours;
        }
        double sun =
                DayLength.on(
                                date,
                                site.latitude().orElse(USUAL_LATITUDE),
                                site.longitude().orElse(0))
                        .hours();
        return Math.max(SHORTEST_HOURS, Math.min(LONGEST_HOURS, sun));
    }

    /** Hour at which they go off; above 24 in the small hours of the next day. */
    public double offHourOn(LocalDate date) {
        return onHour + hoursOn(date);
    }
}
