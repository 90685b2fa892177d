package app.islet.core.climate;

/** What the water that has to be topped up tells: heat carried off, and how long a supply lasts. */
public final class TopUp {
  private static final double SECONDS_PER_DAY = 86_400;

  private TopUp() {}

  /**
   * Heat that evaporation carried off, W.
   *
   * @param litres topped up, and so evaporated, in {@code days}
   * @param waterC temperature of the water, °C
   */
  public static double watts(double litres, double days, double waterC) {
    return litres * MoistAir.latentKjPerKg(waterC) * 1000 / (days * SECONDS_PER_DAY);
  }

  /** Days that so many litres last, by what was used so far. */
  public static double daysLeft(double litres, double usedL, double usedDays) {
    return litres / (usedL / usedDays);
  }
}
