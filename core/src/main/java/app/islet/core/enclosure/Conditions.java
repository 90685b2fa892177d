package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
import java.util.OptionalDouble;

/**
 * What somebody measured or set inside; each absent where nobody did.
 *
 * @param humidityPercent relative humidity over the land
 * @param lightHours hours a day the lights are on
 * @param lidGapCm widest gap in the top: a cable slot, a slider, a corner
 * @param calibration what logged temperatures say of the estimates
 */
public record Conditions(
    @Between(of = Dimension.PERCENT, min = 0, max = 100) OptionalDouble humidityPercent,
    @Between(of = Dimension.HOURS, min = 0, max = 24) OptionalDouble lightHours,
    @Between(of = Dimension.LENGTH, min = 0, max = 100) OptionalDouble lidGapCm,
    @Stored(flat = true) Lighting lighting,
    @Stored(flat = true) Calibration calibration) {
  /** Nothing measured, nothing set. */
  public static final Conditions UNKNOWN =
      new Conditions(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty());

  /** With the usual switching, and the estimates as they are. */
  public Conditions(
      OptionalDouble humidityPercent, OptionalDouble lightHours, OptionalDouble lidGapCm) {
    this(humidityPercent, lightHours, lidGapCm, Lighting.USUAL, Calibration.NONE);
  }

  Conditions withHumidityPercent(double percent) {
    return new Conditions(OptionalDouble.of(percent), lightHours, lidGapCm, lighting, calibration);
  }

  Conditions withLightHours(double hours) {
    return withLightHours(OptionalDouble.of(hours));
  }

  /** The same with another length of the day; empty where nobody says. */
  public Conditions withLightHours(OptionalDouble hours) {
    return new Conditions(humidityPercent, hours, lidGapCm, lighting, calibration);
  }

  Conditions withLidGapCm(double cm) {
    return new Conditions(
        humidityPercent, lightHours, OptionalDouble.of(cm), lighting, calibration);
  }

  public Conditions with(Lighting some) {
    return new Conditions(humidityPercent, lightHours, lidGapCm, some, calibration);
  }

  public Conditions with(Calibration some) {
    return new Conditions(humidityPercent, lightHours, lidGapCm, lighting, some);
  }
}
