package app.islet.core.water;

import app.islet.core.quantity.Check;

/** Sea salt to mix water to a salinity by weight. */
public final class SaltMix {
  private SaltMix() {}

  /**
   * Dry, pure sea salt that makes water of {@code fromPpt} into water of {@code toPpt}, g.
   *
   * @param volumeL of the water before the salt, above 0 to 100,000 L
   * @param fromPpt 0 to 45 g/kg, {@code toPpt} from that to 80 g/kg
   * @param tempC -1.8 to 40 °C
   * @throws IllegalArgumentException if any is outside its range
   */
  public static double saltG(double volumeL, double fromPpt, double toPpt, double tempC) {
    Check.positive("volumeL", Check.inRange("volumeL", volumeL, 0, 100_000));
    Check.inRange("fromPpt", fromPpt, 0, 45);
    Check.inRange("toPpt", toPpt, fromPpt, 80);
    double massG = volumeL * SeaWater.densityKgPerM3(tempC, fromPpt);
    return massG * (toPpt - fromPpt) / (1000 - toPpt);
  }
}
