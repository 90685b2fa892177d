package app.islet.core.climate;

import java.util.stream.DoubleStream;

/** Ratings heaters and mats are commonly sold with, W; common practice, no source. */
public final class HeaterSizes {
  private static final double[] WATTS = {10, 25, 50, 75, 100, 150, 200, 250, 300};

  private HeaterSizes() {}

  /** The smallest rating of at least {@code watts}; several of the largest beyond that. */
  public static double atLeast(double watts) {
    double largest = WATTS[WATTS.length - 1];
    return DoubleStream.of(WATTS)
        .filter(w -> w >= watts)
        .findFirst()
        .orElse(Math.ceil(watts / largest) * largest);
  }
}
