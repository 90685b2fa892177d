package app.islet.core.feeding;

/**
 * The days of one food as evenly spread as its rate allows: between any two of them lie as many
 * days as between any other two, or one more (Beatty's sequence). Of any day it can be said by
 * itself whether it is one.
 *
 * @param perDay how often on an average day, above 0 to 1
 * @param phase days by which all are moved
 */
record Beat(double perDay, double phase) {
  private static final double HAIR = 1e-9;

  /** Whether it falls on that day of the calendar. */
  boolean has(long epochDay) {
    return count(epochDay) > count(epochDay - 1);
  }

  private double count(long epochDay) {
    return Math.floor((epochDay + phase) * perDay + HAIR);
  }

  double gap() {
    return 1 / perDay;
  }
}
