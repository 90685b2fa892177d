package app.islet.core.enclosure;

import java.util.stream.DoubleStream;

/**
 * Where the enclosure stands: room temperatures by season and time of day, °C, and room humidity,
 * %.
 */
public record Site(
        double summerDayC,
        double summerNightC,
        double winterDayC,
        double winterNightC,
        double humidityPercent) {
    /** An ordinary heated room, for a design that says nothing; common practice, no source. */
    public static final Site LIVING_ROOM = new Site(25, 20, 21, 17, 50);

    public double coldestC() {
        return all().min().orElseThrow();
    }

    public double warmestC() {
        return all().max().orElseThrow();
    }

    private DoubleStream all() {
        return DoubleStream.of(summerDayC, summerNightC, winterDayC, winterNightC);
    }
}
