package app.islet.core.water;

import app.islet.core.animal.Resident;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Oxygen of the water between what the surface lets in and what animals, bacteria and leavings use.
 *
 * @param fullMgPerL in balance with the air
 * @param useMgPerHour of all that breathes
 * @param letsInLPerHour water an hour that the surface, in effect, brings into balance
 * @param waterL of the tank
 */
public record OxygenBalance(
    double fullMgPerL, double useMgPerHour, double letsInLPerHour, double waterL) {
  /** Speed at which a stirred surface and a still one let oxygen in at 20 °C, m/h; from memory. */
  static final double STIRRED_M_PER_HOUR = 0.06;

  static final double STILL_M_PER_HOUR = 0.015;

  /** So many times as fast for each kelvin; Churchill et al. 1962, by way of textbooks. */
  private static final double LETS_IN_PER_K = 1.024;

  /** What an amphibian at rest after a meal uses at 20 °C, mg an hour for each g; from memory. */
  private static final double USE_MG_PER_G_HOUR = 0.1;

  /** Twice for each ten degrees. */
  private static final double TEN_DEGREES = 2;

  /**
   * Oxygen for each nitrogen turned all the way; Timmons and Ebeling give 4.57 (4.18 with growth).
   */
  private static final double PER_NITROGEN = 4.57;

  /** What rots in filter and ground uses about as much again; from memory. */
  private static final double ROT = 2;

  /**
   * @param surfaceCm2 open water, a lid with air over it included
   * @param stirred whether filter, bubbles or a current move the surface
   * @param loadGPerDay ammonia nitrogen of the food
   */
  public static OxygenBalance of(
      double waterL,
      double surfaceCm2,
      boolean stirred,
      double tempC,
      double salinityPpt,
      List<Resident> residents,
      double loadGPerDay) {
    double warm = Math.min(40, Math.max(-1.8, tempC));
    double breathing =
        residents.stream()
                .filter(r -> r.stage().needs().oxygen().isPresent())
                .mapToDouble(r -> r.bodyG() * r.count())
                .sum()
            * USE_MG_PER_G_HOUR
            * Math.pow(TEN_DEGREES, (warm - 20) / 10);
    double bacteria = loadGPerDay * 1000 / 24 * PER_NITROGEN * ROT;
    double speed =
        (stirred ? STIRRED_M_PER_HOUR : STILL_M_PER_HOUR) * Math.pow(LETS_IN_PER_K, warm - 20);
    return new OxygenBalance(
        OxygenSaturation.mgPerL(warm, salinityPpt),
        breathing + bacteria,
        speed * surfaceCm2 / 1e4 * 1000,
        waterL);
  }

  /** Where it settles: full less what is used as fast as it comes in, mg/L; never below zero. */
  public double settlesMgPerL() {
    return letsInLPerHour <= 0 ? 0 : Math.max(0, fullMgPerL - useMgPerHour / letsInLPerHour);
  }

  /**
   * Hours from one value until it falls to another; absent where it never does. Exponential, as
   * dC/dt = (full - C) k - use.
   */
  public OptionalDouble hoursUntil(double toMgPerL, double fromMgPerL) {
    if (fromMgPerL <= toMgPerL) {
      return OptionalDouble.of(0);
    }
    double k = letsInLPerHour / waterL;
    if (k <= 0) {
      return useMgPerHour <= 0
          ? OptionalDouble.empty()
          : OptionalDouble.of((fromMgPerL - toMgPerL) * waterL / useMgPerHour);
    }
    double end = fullMgPerL - useMgPerHour / letsInLPerHour;
    return end >= toMgPerL
        ? OptionalDouble.empty()
        : OptionalDouble.of(Math.log((fromMgPerL - end) / (toMgPerL - end)) / k);
  }
}
