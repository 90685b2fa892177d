package app.islet.core.light;

import app.islet.core.quantity.Check;

/**
 * The shape of a UV lamp, as far as it decides how its light falls off: a point, or a line of
 * Lambertian elements of {@code lampCm}.
 *
 * @param lampCm length of what shines; 0 for a point
 */
public record UvSource(double lampCm) {
  public UvSource {
    Check.inRange("lampCm", lampCm, 0, 2000);
  }

  /**
   * Irradiance on a horizontal plane, in a unit of its own: only ratios of it mean something.
   *
   * <p>A point falls off with d/r³, r² = d² + x². Of a line each element adds d²/r⁴; summed along
   * it that has the closed form used here.
   *
   * @param belowCm distance straight down to the plane
   * @param alongCm sideways from the lamp's middle, along it
   * @param acrossCm sideways, across it
   */
  public double relative(double belowCm, double alongCm, double acrossCm) {
    double d = Check.positive("belowCm", belowCm);
    if (lampCm == 0) {
      double r2 = d * d + alongCm * alongCm + acrossCm * acrossCm;
      return d / (r2 * Math.sqrt(r2));
    }
    double h = Math.hypot(d, acrossCm);
    return d * d / (h * h) * (sum(lampCm / 2 - alongCm, h) + sum(lampCm / 2 + alongCm, h));
  }

  /** Integral of h²/(h² + s²)² from 0 to {@code s}. */
  private static double sum(double s, double h) {
    return s / (2 * (h * h + s * s)) + Math.atan(s / h) / (2 * h);
  }

  /** UV index at a place, from one read straight below the middle. */
  public double uvi(Reading reading, double belowCm, double alongCm, double acrossCm) {
    return reading.uvi * relative(belowCm, alongCm, acrossCm) / relative(reading.belowCm, 0, 0);
  }

  /**
   * What a meter read straight below a lamp's middle.
   *
   * @param uvi UV index
   * @param belowCm distance from the lamp
   */
  public record Reading(double uvi, double belowCm) {
    public Reading {
      Check.inRange("uvi", uvi, 0, 1000);
      Check.positive("belowCm", belowCm);
    }
  }
}
