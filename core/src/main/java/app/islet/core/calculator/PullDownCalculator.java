package app.islet.core.calculator;

import app.islet.core.care.Basis;
import app.islet.core.climate.Approach;
import app.islet.core.quantity.Dimension;

import com.google.auto.service.AutoService;

import java.util.List;
import java.util.Map;

/** How long a chiller takes to pull water down. */
@AutoService(Calculator.class)
public final class PullDownCalculator extends Defined {
    public PullDownCalculator() {
        super(
                "pull-down",
                "How long a chiller takes",
                "Exponential approach: rho c V dT/dt = UA (room - T) - P, 4186 J/kgK, 1 kg/L.",
                Basis.published("closed form of the lumped heat balance"),
                List.of(
                        Input.volume("volumeL", "Water"),
                        Input.water("fromC", "From"),
                        Input.water("toC", "To"),
                        Input.air("roomC", "Room"),
                        Input.above(
                                "uaWPerK",
                                "Heat passing for each kelvin, W/K",
                                Dimension.RATIO,
                                0,
                                100_000),
                        Input.required("coolingW", "Cooling power", Dimension.POWER, 0, 1_000_000)),
                List.of(
                        new Output("hours", "Takes", Dimension.HOURS),
                        new Output("limitC", "Ends in the long run at", Dimension.TEMPERATURE)));
    }

    @Override
    public Map<String, Double> compute(Map<String, Double> in) {
        double from = in.get("fromC");
        double to = in.get("toC");
        Approach water =
                new Approach(
                        in.get("volumeL"), in.get("roomC"), in.get("uaWPerK"), -in.get("coolingW"));
        if (to > from) {
            throw new RefusedException(
                    "toC",
                    "toC must be at or below fromC (%s °C), since it is cooled, but was %s °C"
                            .formatted(from, to));
        }
        if (!water.reaches(from, to)) {
            throw new RefusedException(
                    "toC",
                    "toC must be above %s °C, where it ends in the long run, but was %s °C"
                            .formatted(water.limitC(), to));
        }
        return answer(water.hours(from, to), water.limitC());
    }
}
