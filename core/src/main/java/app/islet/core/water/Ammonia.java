package app.islet.core.water;

import app.islet.core.quantity.Check;

/** Ammonia: how much food becomes, and how much of it is poison. */
public final class Ammonia {
  private Ammonia() {}

  /**
   * Total ammonia nitrogen made of feed.
   *
   * @param feedG feed eaten, g
   * @param proteinPercent protein in it, %
   * @return g of nitrogen
   * @see "Timmons, M. B. and Ebeling, J. M., Recirculating Aquaculture: P(TAN) = 0.092 x protein x
   *     feed"
   */
  public static double tanG(double feedG, double proteinPercent) {
    return 0.092 * proteinPercent / 100 * feedG;
  }

  /**
   * Share of total ammonia that is the free, poisonous form in fresh water; the rest is ammonium.
   *
   * @param waterC -1.8 to 40 °C
   * @param ph 4 to 11
   * @return 0 to 1
   * @see "Emerson, K., Russo, R. C., Lund, R. E. and Thurston, R. V. (1975), J. Fish. Res. Board
   *     Can. 32(12), 2379-2383"
   */
  public static double freeShare(double waterC, double ph) {
    double k = Check.inRange("waterC", waterC, -1.8, 40) + 273.15;
    double pKa = 0.09018 + 2729.92 / k;
    return 1 / (1 + Math.pow(10, pKa - Check.inRange("ph", ph, 4, 11)));
  }
}
