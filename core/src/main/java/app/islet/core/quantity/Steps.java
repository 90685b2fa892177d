package app.islet.core.quantity;

/**
 * A value moved in equal steps, one a day, none larger than allowed: pH, salt, temperature.
 *
 * @param days how many; 0 where it is there already
 * @param perDay by how much each day, with its sign
 */
public record Steps(int days, double perDay) {
  /**
   * @param most largest step, above 0
   */
  public static Steps between(double from, double to, double most) {
    double way = to - from;
    // A hair over a whole number of steps is that number: 3.0000000004 is three.
    int days = (int) Math.ceil(Math.abs(way) / Check.positive("most", most) - 1e-9);
    return new Steps(days, days == 0 ? 0 : way / days);
  }
}
