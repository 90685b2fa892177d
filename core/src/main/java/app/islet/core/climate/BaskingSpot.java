package app.islet.core.climate;

import app.islet.core.quantity.Check;
import app.islet.core.quantity.Range;

/**
 * The ground under a heat lamp: how warm its surface gets, and how far away the lamp must hang.
 *
 * <p>The lamp shines {@code share} of its power down in a cone; half of its strength is left at
 * half its printed angle, so it falls off with a power of the cosine. A dry surface takes 0.9 of it
 * and gives it to the air with 11 W/m²K (radiation 5.7, still air 5.3; ISO 6946). Cone and share
 * are from memory: expect the rise over the air within a third, until one point is measured.
 *
 * @param powerW of the lamp
 * @param beamDeg full angle of its cone
 * @param airC air round the place
 * @param factor what a measured point says of the estimate; 1 where none was
 */
public record BaskingSpot(double powerW, double beamDeg, double airC, double factor) {
  /** Angle of a flood lamp on which none is printed; from memory. */
  public static final double USUAL_BEAM_DEG = 60;

  private static final double SHARE = 0.35;
  private static final double ABSORBED = 0.9;
  private static final double W_PER_M2K = 11;

  /** Skin and shell burn under it though the ground is bearable; from memory. */
  private static final double BURNS_C = 50;

  private static final double NEAREST_CM = 1;
  private static final double FARTHEST_CM = 300;
  private static final double TOLERANCE_CM = 1e-6;

  public BaskingSpot {
    Check.positive("powerW", powerW);
    Check.inRange("beamDeg", beamDeg, 5, 160);
    Check.inRange("airC", airC, -20, 60);
    Check.positive("factor", factor);
  }

  /** The lamp as estimated. */
  public static BaskingSpot of(double powerW, double beamDeg, double airC) {
    return new BaskingSpot(powerW, beamDeg, airC, 1);
  }

  /** The same lamp after one point was measured straight under it; colder than the air is none. */
  public BaskingSpot measured(double spotC, double belowCm) {
    double rise = of(powerW, beamDeg, airC).surfaceC(belowCm, 0) - airC;
    double read = spotC - airC;
    return read <= 0 ? this : new BaskingSpot(powerW, beamDeg, airC, read / rise);
  }

  /**
   * @param belowCm from the lamp straight down to the ground's level
   * @param asideCm from the middle of its cone
   */
  public double surfaceC(double belowCm, double asideCm) {
    double d = Check.positive("belowCm", belowCm) / 100;
    double r2 = d * d + asideCm * asideCm / 1e4;
    double cos = d / Math.sqrt(r2);
    double n = Math.log(0.5) / Math.log(Math.cos(Math.toRadians(beamDeg / 2)));
    double peak = SHARE * powerW * (n + 1) / (2 * Math.PI);
    double irradiance = peak * Math.pow(cos, n) * cos / r2;
    return airC + factor * ABSORBED * irradiance / W_PER_M2K;
  }

  /** Where it must hang so that the middle has that temperature, cm; within 1 cm to 3 m. */
  public double distanceFor(double surfaceC) {
    double near = NEAREST_CM;
    double far = FARTHEST_CM;
    while (far - near > TOLERANCE_CM) {
      double middle = (near + far) / 2;
      if (surfaceC(middle, 0) > surfaceC) {
        near = middle;
      } else {
        far = middle;
      }
    }
    return (near + far) / 2;
  }

  /** The nearest the range lets it hang, cm. */
  public double nearestCm(Range range) {
    return distanceFor(range.max());
  }

  /** The farthest at which it still warms enough, cm. */
  public double farthestCm(Range range) {
    return distanceFor(range.min());
  }

  /** Nearer than this it burns, cm. */
  public double burnsWithinCm() {
    return distanceFor(BURNS_C);
  }

  /** How far from the middle the ground is still within a range, cm; 0 where nowhere. */
  public double reachCm(double belowCm, Range range) {
    double reach = 0;
    for (double aside = 0; aside <= FARTHEST_CM; aside += 0.5) {
      if (range.contains(surfaceC(belowCm, aside))) {
        reach = aside;
      }
    }
    return reach;
  }
}
