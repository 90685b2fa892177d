package app.islet.core.enclosure;

import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * Where the enclosure stands: room temperatures by season and time of day, °C, room humidity, %,
 * and what matters for the safety of people.
 *
 * @param residualCurrentDevice whether the socket has one; absent while nobody looked
 * @param smallChildren whether children under five live in or often come to the household
 */
public record Site(
        double summerDayC,
        double summerNightC,
        double winterDayC,
        double winterNightC,
        double humidityPercent,
        Optional<Boolean> residualCurrentDevice,
        boolean smallChildren) {
    /** An ordinary heated room, for a design that says nothing; common practice, no source. */
    public static final Site LIVING_ROOM = new Site(25, 20, 21, 17, 50);

    /** A room of which nothing but its air is known. */
    public Site(
            double summerDayC,
            double summerNightC,
            double winterDayC,
            double winterNightC,
            double humidityPercent) {
        this(
                summerDayC,
                summerNightC,
                winterDayC,
                winterNightC,
                humidityPercent,
                Optional.empty(),
                false);
    }

    public Site withSafety(boolean device, boolean children) {
        return new Site(
                summerDayC,
                summerNightC,
                winterDayC,
                winterNightC,
                humidityPercent,
                Optional.of(device),
                children);
    }

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
