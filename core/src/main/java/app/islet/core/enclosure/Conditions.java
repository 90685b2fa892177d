package app.islet.core.enclosure;

import java.util.OptionalDouble;

/**
 * What somebody measured or set inside; each absent where nobody did.
 *
 * @param humidityPercent relative humidity over the land
 * @param lightHours hours a day the lights are on
 * @param lidGapCm widest gap in the top: a cable slot, a slider, a corner
 */
public record Conditions(
        OptionalDouble humidityPercent, OptionalDouble lightHours, OptionalDouble lidGapCm) {
    /** Nothing measured, nothing set. */
    public static final Conditions UNKNOWN =
            new Conditions(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());

    Conditions withHumidityPercent(double percent) {
        return new Conditions(OptionalDouble.of(percent), lightHours, lidGapCm);
    }

    Conditions withLightHours(double hours) {
        return new Conditions(humidityPercent, OptionalDouble.of(hours), lidGapCm);
    }

    Conditions withLidGapCm(double cm) {
        return new Conditions(humidityPercent, lightHours, OptionalDouble.of(cm));
    }
}
