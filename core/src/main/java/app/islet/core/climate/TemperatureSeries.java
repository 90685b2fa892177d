package app.islet.core.climate;

import app.islet.core.quantity.Range;
import java.util.Arrays;

/**
 * Temperatures as they went, one value a step.
 *
 * @param stepMinutes between two values
 * @param waterC of the water; {@code boxC} of the air and land over it, {@code roomC} of the room
 * @param energy what went in and out
 */
public record TemperatureSeries(
    int stepMinutes, float[] waterC, float[] boxC, float[] roomC, Energy energy) {
  /**
   * Sums over the whole course.
   *
   * @param heaterJ put in by the heater, {@code matJ} by the mat
   * @param chillerJ taken out by the chiller
   * @param fanMinutes how long the fan ran
   * @param evaporatedKg water lost
   * @param inJ all heat that came in, {@code outJ} all that went out to the room and with vapour
   * @param storedJ what water and box hold more than at the start
   */
  public record Energy(
      double heaterJ,
      double matJ,
      double chillerJ,
      double fanMinutes,
      double evaporatedKg,
      double inJ,
      double outJ,
      double storedJ) {}

  public int steps() {
    return waterC.length;
  }

  public double days() {
    return steps() * stepMinutes / (double) RoomCourse.MINUTES_A_DAY;
  }

  public double warmestC() {
    return most(waterC);
  }

  public double coldestC() {
    return least(waterC);
  }

  static double most(float[] values) {
    double most = Double.NEGATIVE_INFINITY;
    for (float value : values) {
      most = Math.max(most, value);
    }
    return most;
  }

  static double least(float[] values) {
    double least = Double.POSITIVE_INFINITY;
    for (float value : values) {
      least = Math.min(least, value);
    }
    return least;
  }

  /** The last day of it, when whatever it began with has worn off; the sums stay those of all. */
  TemperatureSeries lastDay() {
    int day = Math.min(steps(), RoomCourse.MINUTES_A_DAY / stepMinutes);
    return new TemperatureSeries(
        stepMinutes, tail(waterC, day), tail(boxC, day), tail(roomC, day), energy);
  }

  private static float[] tail(float[] values, int count) {
    return Arrays.copyOfRange(values, values.length - count, values.length);
  }

  /** Hours of the water outside a range. */
  public double hoursOutside(Range range) {
    int outside = 0;
    for (float value : waterC) {
      outside += range.contains(value) ? 0 : 1;
    }
    return outside * stepMinutes / 60.0;
  }
}
